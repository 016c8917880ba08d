<script setup lang="ts">
import { computed } from 'vue'
import { useSteps } from '../../api/queries'
import { minutes, percent } from '../../ui/text/format'
import GrimeBar from '../../ui/GrimeBar.vue'
import Sheet from '../../ui/Sheet.vue'
import { useCallContext } from '../context'
import { stepKey } from '../../judgement/steps'

const props = defineProps<{ station?: string }>()
const emit = defineEmits<{ close: []; choose: [key: string] }>()
const { call, pack } = useCallContext()

const place = computed(() =>
  pack.value.paths.flatMap((path) => path.stations).find((station) => station.id === props.station),
)
const suspects = computed(() =>
  call.value.assessment.ranking.flatMap((suspect) => {
    const fault = pack.value.faults.find((f) => f.id === suspect.fault)!
    return props.station && fault.at.includes(props.station) ? [{ ...suspect, name: fault.name }] : []
  }),
)
const { data: all } = useSteps(call, () => !!props.station && !call.value.head.closing)
/** The steps that have to do with it, in the order of the plan. */
const steps = computed(() => {
  const here = new Set((call.value.find.places[props.station ?? ''] ?? []).map(stepKey))
  return (all.value ?? []).filter((step) => here.has(stepKey(step)))
})
</script>

<template>
  <Sheet :model-value="!!place" :title="place?.name ?? ''" @update:model-value="emit('close')">
    <h3 class="text-lg">What can be wrong here</h3>
    <ul>
      <li v-for="suspect in suspects" :key="suspect.fault" class="grid grid-cols-[1fr_auto] py-1.5">
        <span>{{ suspect.name }}</span>
        <span class="font-mono text-sm font-semibold">{{ percent(suspect.chance) }}</span>
        <GrimeBar :chance="suspect.chance" class="col-span-2 mt-1" />
      </li>
    </ul>
    <template v-if="steps.length && !call.head.closing">
      <h3 class="mt-4 text-lg">What can be done about it</h3>
      <ul>
        <li
          v-for="step in steps"
          :key="stepKey(step)"
          class="border-line border-b border-dashed last:border-b-0"
        >
          <button
            type="button"
            class="flex min-h-12 w-full items-center justify-between gap-3 py-1 text-left"
            @click="emit('choose', stepKey(step))"
          >
            <span>
              {{ step.name }}
              <span v-if="step.reach.opens.length" class="text-soft block text-sm"
                >Open first: {{ step.reach.opens.join(', ') }}</span
              >
            </span>
            <span class="font-mono text-sm whitespace-nowrap">{{
              minutes(step.minutes + step.reach.minutes)
            }}</span>
          </button>
        </li>
      </ul>
    </template>
  </Sheet>
</template>
