<script setup lang="ts">
import { computed } from 'vue'
import type { Step } from '../../api/types'
import { lowerFirst } from '../../ui/text/format'
import { pendingOf, remedyOf, remedyTried, type Proved } from '../../judgement/finding'
import { byId } from '../../judgement/byId'
import { useCallContext } from '../context'
import PartPicker from '../parts/PartPicker.vue'
import FunctionProof from '../proof/FunctionProof.vue'
import ProofReading from '../proof/ProofReading.vue'
import RunButton from '../proof/RunButton.vue'
import StepFoot from './StepFoot.vue'

const props = defineProps<{ step: Step }>()
const { call, pack, actions, stage } = useCallContext()

/** The remedy that was done and waits for its proof. */
const pending = computed(() => pendingOf(call.value))
const tried = computed(() => pending.value && remedyOf(pending.value.finding))
const remedy = computed(() =>
  byId(pack.value.remedies, props.step.kind === 'PROVE' ? tried.value : props.step.id),
)
const handedOn = computed(() => props.step.waiting.way === 'HANDED_ON')
const proof = computed(() => byId(pack.value.proofs, remedy.value?.proof))
/** Whether it was seen to work as often as it takes: only then it is proved. */
const seen = computed(() =>
  call.value.job.proofs.some(({ what }) => what.proof === proof.value?.id && what.runs >= proof.value.runs),
)
const provable = computed(() => !call.value.prove.handedOn.includes(props.step.id))
const prove = (proved: Proved) => actions.correct(pending.value!, remedyTried(tried.value!, proved))
</script>

<template>
  <template v-if="remedy">
    <FunctionProof v-if="proof && step.kind === 'PROVE'" :proof="proof" bare />
    <template v-if="!handedOn">
      <PartPicker v-for="part in remedy.parts" :key="part" :remedy="remedy" :part="part" />
    </template>
    <ProofReading v-if="proof?.reading && step.kind === 'REMEDY'" :proof="proof" when="before" />
  </template>
  <StepFoot v-if="step.kind === 'REMEDY'" :step="step">
    <button
      v-if="handedOn"
      type="button"
      class="btn btn-act min-h-14 text-lg"
      @click="stage.show('HAND_OVER')"
    >
      Hand the call on
    </button>
    <button
      v-else
      type="button"
      class="btn btn-act min-h-14 text-lg"
      :disabled="actions.busy.value"
      @click="actions.settle(remedyTried(step.id, 'PENDING'))"
    >
      Done, now prove it
    </button>
  </StepFoot>
  <StepFoot v-else-if="pending" :step="step">
    <RunButton v-if="proof && !seen" :proof="proof" class="btn-act" />
    <button
      v-else-if="provable"
      type="button"
      class="btn btn-act min-h-14 text-lg"
      :disabled="actions.busy.value"
      @click="prove('CURED')"
    >
      Proved: {{ lowerFirst(step.name) }}
    </button>
    <div class="grid auto-cols-fr grid-flow-col gap-2">
      <button
        v-if="provable"
        type="button"
        class="btn min-h-14 px-2 leading-tight"
        :disabled="actions.busy.value"
        @click="prove('PARTLY')"
      >
        Fixed, but another fault remains
      </button>
      <button
        type="button"
        class="btn min-h-14 px-2 text-lg"
        :disabled="actions.busy.value"
        @click="prove('STILL_FAILING')"
      >
        Still fails
      </button>
    </div>
  </StepFoot>
</template>
