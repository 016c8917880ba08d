<script setup lang="ts">
import { computed } from 'vue'
import { byId } from '../../judgement/byId'
import PanelHead from '../../ui/PanelHead.vue'
import { lowerFirst } from '../../ui/format'
import { useCallContext } from '../context'
import StepCaution from '../StepCaution.vue'
import GoOn from './GoOn.vue'
import WaterLeft from './WaterLeft.vue'

const { call, pack } = useCallContext()
/** What the steps ahead ask for, in the order of making safe, and then what the steps behind asked for. */
const points = computed(() => call.value.safe.isolation)
const licensed = computed(() =>
  call.value.assessment.plan.order
    .map((milestone) => byId(pack.value.remedies, milestone.remedy)!)
    .filter((remedy) => remedy.licensed),
)
const names = (steps: string[]) =>
  steps.length > 2
    ? `${steps.slice(0, 2).map(lowerFirst).join('; ')} and ${steps.length - 2} more`
    : steps.map(lowerFirst).join('; ')
</script>

<template>
  <PanelHead label="Safe" title="Make it safe, in this order" />
  <div class="grid gap-3 p-4">
    <p v-for="remedy in licensed" :key="remedy.id" class="border-act border-l-8 pl-3">
      <b>{{ remedy.name }}:</b> only by a licensed {{ remedy.licensed }}. Make it safe, and hand the call on.
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
