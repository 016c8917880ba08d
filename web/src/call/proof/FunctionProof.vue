<script setup lang="ts">
import { computed } from 'vue'
import type { Proof } from '../../api/types'
import { lowerFirst } from '../../ui/text/format'
import Method from '../../ui/Method.vue'
import Tick from '../../ui/field/Tick.vue'
import BeforePower from '../step/BeforePower.vue'
import { useCallContext } from '../context'
import ForWhom from '../step/ForWhom.vue'
import ProofReading from './ProofReading.vue'
import RunButton from './RunButton.vue'
import { useProofRun } from './useProofRun'

/** @param bare without its method and the button that counts a run, where both stand elsewhere */
const props = defineProps<{ proof: Proof; bare?: boolean }>()
const { call, actions } = useCallContext()
const { run, change } = useProofRun(() => props.proof)
const asStep = computed(() => ({ kind: 'PROVE' as const, id: props.proof.id }))
const passed = computed(() => run.value.runs >= props.proof.runs)
const handedOn = computed(() => call.value.prove.handedOn.includes(props.proof.id))
</script>

<template>
  <section class="border-line grid gap-2 rounded-lg border-2 p-3" :aria-labelledby="`proof-${proof.id}`">
    <h3 :id="`proof-${proof.id}`" class="text-lg leading-tight">{{ proof.name }}</h3>
    <Method v-if="!bare" :steps="proof.steps" />
    <template v-if="proof.reading">
      <ProofReading :proof="proof" when="before" />
      <ProofReading :proof="proof" when="after" />
    </template>
    <p class="font-semibold" :class="{ 'text-clean': passed }">
      {{ passed ? '✓ ' : '' }}Test runs: {{ run.runs }} of {{ proof.runs }} passed
    </p>
    <ForWhom v-if="proof.competence" :competence="proof.competence" :handed-on="handedOn" />
    <BeforePower v-if="!bare && !call.head.closing" :step="asStep" />
    <div class="flex gap-2">
      <RunButton v-if="!bare || passed" :proof="proof" class="flex-1" :class="{ 'btn-act': !passed }" />
      <button
        v-if="run.runs && !call.head.closing"
        type="button"
        class="btn btn-quiet"
        :aria-label="`Undo a run: ${proof.name}`"
        :disabled="actions.busy.value"
        @click="change({ runs: run.runs - 1 })"
      >
        undo
      </button>
    </div>
    <p v-if="proof.nextUse" class="text-soft text-[0.95rem]">
      The customer looks at their next use: {{ lowerFirst(proof.nextUse) }} It stands in the report, with a
      date.
    </p>
    <template v-if="proof.light">
      <p>{{ proof.light }}</p>
      <Tick
        label="The light is out"
        :model-value="run.lightOut"
        :disabled="!!call.head.closing || actions.busy.value"
        @update:model-value="change({ lightOut: $event })"
      />
    </template>
  </section>
</template>
