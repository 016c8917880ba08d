<script setup lang="ts">
import type { Imported } from '../api/types'

/** What became of a list that was brought in. */
defineProps<{ done: Imported }>()
</script>

<template>
  <div role="status">
    <p class="font-semibold">
      {{ done.taken }} taken{{ done.known ? `, ${done.known} of them known before` : ''
      }}{{ done.wrong.length ? `, ${done.wrong.length} not` : '' }}.
    </p>
    <ul v-if="done.wrong.length" class="list-disc pl-5 text-sm" aria-label="Lines that were not taken">
      <li v-for="wrong in done.wrong" :key="wrong.line">Line {{ wrong.line }}: {{ wrong.message }}</li>
    </ul>
  </div>
</template>
