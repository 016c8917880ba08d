<script setup lang="ts">
import type { Assessment } from '../api/types'
import { percent } from '../ui/text/format'

/** The findings in as few words as will do, in the order in which they were weighed. */
defineProps<{ assessment: Assessment; findings: string[] }>()
</script>

<template>
  <div
    v-if="assessment.misfits.length"
    class="border-act bg-sheet mb-3 border-l-8 px-3 py-2"
    role="note"
    aria-label="Contradiction"
  >
    <p class="font-semibold">This does not go together.</p>
    <ul class="list-disc pl-5">
      <li v-for="misfit in assessment.misfits" :key="misfit.finding">
        “{{ findings[misfit.finding] }}”: with all the rest, {{ percent(misfit.expected) }} was to be
        expected.
      </li>
    </ul>
    <p>Look at it once more. If it stands, expect more than one fault.</p>
  </div>
</template>
