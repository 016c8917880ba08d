<script setup lang="ts">
import type { Inspection } from '../api/types'
import ChangeList from './ChangeList.vue'

/** What there is to say of know-how before it is put to use: why it is refused, or what changes with it. */
defineProps<{ inspection: Inspection; cases?: string[]; playing: boolean; refused: string }>()
</script>

<template>
  <div v-if="inspection.problems.length">
    <p class="text-act font-semibold" role="alert">
      {{ refused }}: {{ inspection.problems.length }}
      {{ inspection.problems.length === 1 ? 'thing is' : 'things are' }} wrong. The version in use stays.
    </p>
    <ul
      class="border-act max-h-96 list-disc overflow-y-auto border-l-8 pl-7"
      tabindex="0"
      aria-label="What is wrong"
    >
      <li v-for="line in inspection.problems" :key="line">{{ line }}</li>
    </ul>
  </div>
  <div v-else class="grid gap-3">
    <template v-if="inspection.dangers.length">
      <h3 class="text-lg">What could hurt</h3>
      <ul class="border-warn border-l-8 pl-3">
        <li v-for="danger in inspection.dangers" :key="danger">{{ danger }}</li>
      </ul>
    </template>
    <template v-if="cases?.length">
      <h3 class="text-lg">Test calls that now fail</h3>
      <ul class="border-act list-disc border-l-8 pl-7">
        <li v-for="one in cases" :key="one">{{ one }}</li>
      </ul>
    </template>
    <p v-else-if="playing" role="status">Playing the typical calls with it …</p>
    <p v-else-if="cases" role="status">
      On every typical call that was met before its advice is still what practitioners would do.
    </p>
    <template v-if="inspection.remarks.length">
      <p class="font-semibold">It leaves unsaid:</p>
      <ul class="list-disc pl-5 text-sm">
        <li v-for="remark in inspection.remarks" :key="remark">{{ remark }}</li>
      </ul>
    </template>
    <ChangeList :changes="inspection.changes" />
  </div>
</template>
