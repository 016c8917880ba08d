<script setup lang="ts">
import type { Round } from '../api/types'
import { percent } from '../ui/format'

defineProps<{ parts: Round['load'] }>()
</script>

<template>
  <aside class="bg-sheet border-line rounded-xl border p-4" aria-labelledby="load-title">
    <h2 id="load-title" class="text-xl">What to load</h2>
    <p class="text-soft text-sm">Parts that may end an open call, by what is known of it now</p>
    <ul class="mt-2">
      <li
        v-for="part in parts"
        :key="part.name + part.complaint"
        class="border-line grid grid-cols-[1fr_auto] gap-x-3 border-t border-dashed py-2"
      >
        <span class="font-semibold">{{ part.name }}</span>
        <span class="font-mono text-sm font-semibold">{{ percent(part.chance) }}</span>
        <span class="text-soft text-sm">{{ part.complaint }}</span>
        <span class="text-sm" :class="part.onVan ? 'text-clean font-semibold' : 'text-act font-semibold'">
          {{ part.onVan ? `${part.onVan} on the van` : 'not on the van' }}
        </span>
      </li>
    </ul>
    <p v-if="!parts.length" class="border-line mt-2 border-t border-dashed py-2">
      No part stands out: expect cleaning. Symptoms asked for by phone sharpen this.
    </p>
  </aside>
</template>
