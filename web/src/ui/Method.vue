<script setup lang="ts">
import type { Instruction } from '../api/types'
import { minutes } from './text/format'
import LineDrawing from './drawing/LineDrawing.vue'

/** What is done, in its order: each step with its reason, what it takes, and what ends the work here. */
defineProps<{ steps: Instruction[] }>()
</script>

<template>
  <ol class="list-decimal space-y-1 pl-6">
    <li v-for="step in steps" :key="step.text">
      {{ step.text }}
      <span v-if="step.minutes" class="ml-1 font-mono text-sm font-semibold whitespace-nowrap">{{
        minutes(step.minutes)
      }}</span>
      <span v-if="step.use" class="border-edge ml-1 inline-block rounded border px-1.5 font-mono text-sm">{{
        step.use
      }}</span>
      <span v-if="step.why" class="text-soft block text-[0.95rem] leading-snug">{{ step.why }}</span>
      <b v-if="step.stopIf" class="border-act block border-l-4 pl-2 leading-snug"
        >Stop if {{ step.stopIf }}</b
      >
      <LineDrawing v-if="step.drawing" :drawing="step.drawing" />
    </li>
  </ol>
</template>
