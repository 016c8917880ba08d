<script setup lang="ts">
import { computed } from 'vue'
import PanelHead from '../../ui/PanelHead.vue'
import { minutes } from '../../ui/text/format'
import Alternatives from './Alternatives.vue'
import { chain } from '../../judgement/chain'
import { stepKey, titleOf, waitingText } from '../../judgement/steps'
import { useCallContext } from '../context'
import Dangers from './Dangers.vue'
import ForWhom from './ForWhom.vue'
import HeldBack from './HeldBack.vue'
import BeforePower from './BeforePower.vue'
import MachineNow from './MachineNow.vue'
import ReadAloud from './ReadAloud.vue'
import StepAnswers from './StepAnswers.vue'
import StepMethod from './StepMethod.vue'
import StepCaution from './StepCaution.vue'
import StepFoot from './StepFoot.vue'
import StepRemedy from './StepRemedy.vue'
import GoOn from '../stages/GoOn.vue'
import { usePower } from './usePower'
import { useStepWork } from './useStepWork'
import WaysIn from '../about/WaysIn.vue'
import WhatStays from '../WhatStays.vue'

const emit = defineEmits<{ choose: [key: string]; back: [] }>()
const { call, stage, step } = useCallContext()

const { blocked } = usePower(() => step.value)
const ownChoice = computed(() => !!step.value && step.value !== call.value.assessment.plan.next)
const { check, remedy } = useStepWork(() => step.value)
const work = computed(() => check.value ?? remedy.value)
const tools = computed(() => {
  const { checks, remedies } = call.value.applicable.tools
  return (step.value?.kind === 'CHECK' ? checks : remedies)[work.value?.id ?? '']
})
</script>

<template>
  <WhatStays />
  <template v-if="step">
    <PanelHead :label="ownChoice ? 'Your choice' : 'Next'" :title="titleOf(step)">
      <template v-if="ownChoice" #label>
        <button
          type="button"
          class="-my-3 ml-3 py-3 underline decoration-dotted underline-offset-4"
          @click="emit('back')"
        >
          back to the advice
        </button>
      </template>
      <ul class="mt-2 flex flex-wrap gap-2 font-mono text-xs font-medium">
        <li class="rounded border border-[#8a9192] px-1.5 py-0.5">
          {{ step.kind === 'STOP' ? 'at once' : minutes(step.minutes + step.reach.minutes) }}
        </li>
        <li v-if="step.waiting.way !== 'NONE'" class="rounded border border-[#8a9192] px-1.5 py-0.5">
          {{ waitingText(step.waiting) }}
        </li>
        <li v-for="tool in tools" :key="tool" class="rounded border border-[#8a9192] px-1.5 py-0.5">
          {{ tool }}
        </li>
      </ul>
      <ReadAloud :step="step" />
      <div class="mt-2 text-[0.95rem] text-[#e6e2d8]">
        <p v-for="reason in step.reasons" :key="reason">{{ reason }}</p>
        <p v-if="ownChoice && step.extraCost >= 0.5">
          Expected to cost {{ minutes(step.extraCost) }} more than the advice.
        </p>
      </div>
    </PanelHead>
    <div v-if="step.kind === 'STOP'" class="grid gap-3 p-4">
      <StepCaution :caution="step.id" />
      <p>Confirm this before you go on. Do not run the machine.</p>
      <button type="button" class="btn btn-quiet" @click="stage.show('HAND_OVER')">Hand the call on</button>
    </div>
    <!-- Not a grid: what sticks would stay in its row. -->
    <div v-else :key="stepKey(step)" class="flex flex-col gap-3 px-4 pt-4 pb-2">
      <MachineNow />
      <div
        v-if="step.reach.opens.length"
        class="border-line flex items-center justify-between gap-3 rounded-lg border-2 py-1 pl-3"
      >
        <p><b>Open first:</b> {{ step.reach.opens.join(', then ') }}</p>
        <button type="button" class="btn btn-quiet" @click="stage.show('OPEN')">The tray</button>
      </div>
      <WaysIn v-if="step.reach.opens.length" :layers="chain(call.open.layers, work?.layer)" />
      <Dangers :step="step" />
      <BeforePower :step="step" />
      <ForWhom
        v-if="step.kind !== 'PROVE'"
        :competence="work?.competence"
        :licensed="remedy?.licensed"
        :handed-on="step.waiting.way === 'HANDED_ON'"
      />
      <StepMethod :step="step" />
      <template v-if="!blocked">
        <StepRemedy v-if="step.kind === 'REMEDY' || step.kind === 'PROVE'" :step="step" />
        <StepFoot v-else-if="step.kind === 'REFER'" :step="step">
          <button type="button" class="btn btn-act min-h-14 text-lg" @click="stage.show('HAND_OVER')">
            Hand the call on
          </button>
        </StepFoot>
        <StepAnswers v-else :step="step" />
      </template>
      <HeldBack />
      <Alternatives :shown="step" @choose="emit('choose', $event)" />
    </div>
  </template>
  <div v-else class="grid gap-3 p-4">
    <p>There is nothing left to find.</p>
    <GoOn />
  </div>
</template>
