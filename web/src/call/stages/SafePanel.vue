<script setup lang="ts">
import { computed } from 'vue'
import PanelHead from '../../ui/PanelHead.vue'
import { lowerFirst } from '../../ui/text/format'
import { useCallContext } from '../context'
import StepCaution from '../step/StepCaution.vue'
import GoOn from './GoOn.vue'
import WaterLeft from './WaterLeft.vue'

const { call, pack } = useCallContext()
/** What the steps ahead ask for, in the order of making safe, and then what the steps behind asked for. */
const points = computed(() => call.value.safe.isolation)
const handedOn = computed(() => {
  const { next, alternatives } = call.value.assessment.plan
  return [...(next ? [next] : []), ...alternatives].filter((step) => step.waiting.way === 'HANDED_ON')
})
const names = (steps: string[]) =>
  steps.length > 2
    ? `${steps.slice(0, 2).map(lowerFirst).join('; ')} and ${steps.length - 2} more`
    : steps.map(lowerFirst).join('; ')
</script>

<template>
  <PanelHead label="Safe" title="Make it safe, in this order" />
  <div class="grid gap-3 p-4">
    <p v-for="step in handedOn" :key="step.id" class="border-act border-l-8 pl-3">
      <b>{{ step.name }}.</b> Only somebody qualified does it. Make it safe first.
    </p>
    <ol class="grid gap-3">
      <li v-for="point in points" :key="point.caution">
        <StepCaution :caution="point.caution" />
        <p v-if="point.steps.length" class="text-soft mt-0.5 text-sm">For: {{ names(point.steps) }}</p>
      </li>
    </ol>
    <p v-if="!points.length">Nothing that is done or planned asks for a caution.</p>
    <WaterLeft v-if="pack.water" :key="call.job.water[0]?.version" :water="pack.water" />
    <GoOn />
  </div>
</template>
