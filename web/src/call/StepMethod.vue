<script setup lang="ts">
import { computed } from 'vue'
import type { Step } from '../api/types'
import { hours } from '../ui/format'
import Method from '../ui/Method.vue'
import { useTimer } from '../ui/useTimer'
import { byId } from '../judgement/byId'
import { useCallContext } from './context'
import StepCaution from './StepCaution.vue'

const props = defineProps<{ step: Pick<Step, 'kind' | 'id'> }>()
const { call, pack } = useCallContext()

const check = computed(() =>
  props.step.kind === 'CHECK' ? byId(pack.value.checks, props.step.id) : undefined,
)
const remedy = computed(() =>
  props.step.kind === 'REMEDY' ? byId(pack.value.remedies, props.step.id) : undefined,
)
const proof = computed(() =>
  props.step.kind === 'PROVE' ? byId(pack.value.proofs, props.step.id) : undefined,
)
const method = computed(() => (check.value ?? remedy.value ?? proof.value)?.steps ?? [])
/** Those of the work, and of the layers around it. */
const cautions = computed(() => {
  const { checkCautions, remedyCautions } = call.value.applicable
  if (check.value) return checkCautions[check.value.id] ?? []
  return remedy.value ? (remedyCautions[remedy.value.id] ?? []) : []
})
/** What the schools that the technician follows say here. */
const notes = computed(() => {
  const { checkNotes, remedyNotes } = call.value.applicable
  if (check.value) return checkNotes[check.value.id] ?? []
  return remedy.value ? (remedyNotes[remedy.value.id] ?? []) : []
})
const timer = useTimer(`${call.value.head.id}:${props.step.id}`, check.value?.timerSeconds ?? 0)
</script>

<template>
  <StepCaution v-for="caution in cautions" :key="caution" :caution="caution" />
  <Method v-if="method.length" :steps="method" />
  <p v-for="note in notes" :key="note" class="border-rubber border-l-4 pl-3">{{ note }}</p>
  <p v-if="remedy?.dryMinutes" class="border-rubber border-l-4 pl-3">
    Then it dries for {{ hours(remedy.dryMinutes) }}. {{ remedy.meanwhile }}
  </p>
  <div v-if="check?.timerSeconds" class="flex items-center gap-4">
    <b class="font-mono text-2xl" role="timer" :class="{ 'text-act': timer.over.value }">{{
      timer.face.value
    }}</b>
    <button v-if="timer.running.value" type="button" class="btn" @click="timer.stop()">
      {{ timer.over.value ? 'Time is up, reset' : 'Stop' }}
    </button>
    <button v-else type="button" class="btn" @click="timer.start()">Start the time</button>
  </div>
</template>
