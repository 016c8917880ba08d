<script setup lang="ts">
import type { Call } from '../api/types'
import { money } from '../ui/format'

defineProps<{ call: Call; currency: string }>()
</script>

<template>
  <section v-if="call.partUses.length" aria-labelledby="parts-title">
    <h2 id="parts-title" class="text-xl">Parts</h2>
    <ul>
      <li
        v-for="use in call.partUses"
        :key="use.id"
        class="border-line flex justify-between gap-4 border-b border-dashed py-1"
      >
        <span
          >{{ use.used }} × <span class="font-mono text-sm">{{ use.number }}</span> {{ use.name }}</span
        >
        <span class="font-mono">{{ money(use.total, currency) }}</span>
      </li>
    </ul>
    <p class="flex justify-between gap-4 py-1 font-semibold">
      <span>Together</span><span class="font-mono">{{ money(call.partsTotal, currency) }}</span>
    </p>
  </section>
</template>
