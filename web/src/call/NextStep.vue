<script setup lang="ts">
import { computed } from 'vue'
import type { Step } from '../api/types'
import { hours, minutes } from '../ui/format'
import Alternatives from './Alternatives.vue'
import ClosePanel from './ClosePanel.vue'
import { byId } from '../judgement/byId'
import { stepKey } from '../judgement/steps'
import { useCallContext } from './context'
import Dangers from './Dangers.vue'
import StepBegin from './StepBegin.vue'
import StepAnswers from './StepAnswers.vue'
import StepMethod from './StepMethod.vue'
import StepRemedy from './StepRemedy.vue'

const props = defineProps<{ chosen?: string }>()
const emit = defineEmits<{ choose: [key: string]; back: [] }>()
const { call, pack } = useCallContext()

const plan = computed(() => call.value.assessment.plan)
const step = computed<Step | undefined>(
  () => plan.value.alternatives.find((s) => stepKey(s) === props.chosen) ?? plan.value.next,
)
const ownChoice = computed(() => !!step.value && step.value !== plan.value.next)
const tools = computed(() => {
  if (step.value?.kind === 'CHECK') return byId(pack.value.checks, step.value.id)?.tools ?? []
  if (step.value?.kind === 'REMEDY') return byId(pack.value.remedies, step.value.id)?.tools ?? []
  return []
})
const missing = computed(() => step.value?.parts.filter((need) => !need.onVan) ?? [])
/** Nothing is known yet, and nothing was chosen: the complaint comes first. */
const beginning = computed(() => !call.value.entries.length && !props.chosen && !call.value.closedAt)
const closing = computed(
  () => !!call.value.closedAt || !step.value || step.value.kind === 'REFER' || props.chosen === 'close',
)
</script>

<template>
  <StepBegin v-if="beginning" @choose="emit('choose', $event)" />
  <ClosePanel v-else-if="closing" :step="step" @back="emit('back')" />
  <template v-else-if="step">
    <div class="bg-rubber px-4 pt-3 pb-4 text-white">
      <p class="label-read text-[#f2b49b]">
        {{ ownChoice ? 'Your choice' : 'Next' }}
        <button
          v-if="ownChoice"
          type="button"
          class="ml-3 underline decoration-dotted underline-offset-4"
          @click="emit('back')"
        >
          back to the advice
        </button>
      </p>
      <h2 class="mt-1 text-2xl leading-tight">{{ step.name }}</h2>
      <ul class="mt-2 flex flex-wrap gap-2 font-mono text-xs font-medium">
        <li class="rounded border border-[#8a9192] px-1.5 py-0.5">
          {{ minutes(step.minutes + step.reach.minutes) }}
        </li>
        <li v-if="step.waitMinutes >= 1" class="rounded border border-[#8a9192] px-1.5 py-0.5">
          and {{ hours(step.waitMinutes) }} {{ missing.length ? 'to fetch the part' : 'to dry' }}
        </li>
        <li v-for="tool in tools" :key="tool" class="rounded border border-[#8a9192] px-1.5 py-0.5">
          {{ tool }}
        </li>
      </ul>
      <div class="mt-2 text-[0.95rem] text-[#e6e2d8]">
        <p v-for="reason in step.reasons" :key="reason">{{ reason }}</p>
        <p v-if="ownChoice && step.extraCost >= 0.5">
          Expected to cost {{ minutes(step.extraCost) }} more than the advice.
        </p>
      </div>
    </div>
    <div :key="stepKey(step)" class="grid gap-3 p-4">
      <p v-if="step.reach.opens.length" class="border-line rounded-lg border-2 px-3 py-2">
        <b>Open first:</b> {{ step.reach.opens.join(', then ') }}
      </p>
      <Dangers :step="step" />
      <StepMethod :step="step" />
      <StepRemedy v-if="step.kind === 'REMEDY' || step.kind === 'PROVE'" :step="step" />
      <StepAnswers v-else :step="step" />
      <Alternatives :shown="step" @choose="emit('choose', $event)" />
    </div>
  </template>
</template>
