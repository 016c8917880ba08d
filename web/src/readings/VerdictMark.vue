<script setup lang="ts">
import type { Verdict } from '../api/types'

defineProps<{ verdict: Verdict }>()
/** Told apart by shape and word, not by colour alone. */
const MARKS: Record<Verdict, { symptom: string; word: string; look: string }> = {
  GOOD: { symptom: '✓', word: 'Good', look: 'bg-clean text-on-tone' },
  WATCH: { symptom: '△', word: 'Watch it', look: 'bg-warn text-[#1d2628]' },
  BAD: { symptom: '✕', word: 'Bad', look: 'bg-act text-on-tone' },
  CANNOT_TELL: { symptom: '?', word: 'Cannot tell', look: 'bg-rubber text-white' },
}
</script>

<template>
  <span
    class="label-read inline-flex items-center gap-1.5 rounded px-2 py-1 whitespace-nowrap"
    :class="MARKS[verdict].look"
  >
    <span aria-hidden="true" class="text-sm">{{ MARKS[verdict].symptom }}</span> {{ MARKS[verdict].word }}
  </span>
</template>
