<script setup lang="ts">
import type { Step } from '../../api/types'
import { hours } from '../../ui/text/format'
import Method from '../../ui/Method.vue'
import { useTimer } from '../../ui/useTimer'
import { useCallContext } from '../context'
import StepCaution from './StepCaution.vue'
import { useStepWork } from './useStepWork'

const props = defineProps<{ step: Pick<Step, 'kind' | 'id'> }>()
const { call } = useCallContext()
const { check, remedy, method, cautions, notes } = useStepWork(() => props.step)
const timer = useTimer(`${call.value.head.id}:${props.step.id}`, check.value?.timerSeconds ?? 0)
</script>

<template>
  <StepCaution v-for="caution in cautions" :key="caution" :caution="caution" />
  <Method v-if="method.length" :steps="method" />
  <p v-for="note in notes" :key="note" class="border-edge border-l-4 pl-3">{{ note }}</p>
  <p v-if="remedy?.dryMinutes" class="border-edge border-l-4 pl-3">
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
