<script setup lang="ts">
import { computed } from 'vue'
import type { Step } from '../api/types'
import { useTimer } from '../ui/useTimer'
import { byId, useCallContext } from './context'

const props = defineProps<{ step: Step }>()
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
const caution = computed(() => byId(pack.value.cautions, (check.value ?? remedy.value)?.caution))
const timer = useTimer(`${call.value.id}:${props.step.id}`, check.value?.timerSeconds ?? 0)
</script>

<template>
  <div
    v-if="caution"
    class="border-warn bg-warn-pale border-l-8 px-3 py-2 text-[0.95rem]"
    role="note"
    aria-label="Caution"
  >
    <b>⚠ {{ caution.title }}.</b> {{ caution.text }}
  </div>
  <ol v-if="method.length" class="list-decimal space-y-1 pl-6">
    <li v-for="line in method" :key="line">{{ line }}</li>
  </ol>
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
