<script setup lang="ts">
import { computed } from 'vue'
import type { Step } from '../api/types'
import { lowerFirst } from '../ui/format'
import { byId } from '../judgement/byId'
import { useCallContext } from './context'
import PartPicker from './PartPicker.vue'

const props = defineProps<{ step: Step }>()
const { call, pack, actions } = useCallContext()

/** The remedy that was done and waits for its proof. */
const pending = computed(() => call.value.entries.find((e) => e.kind === 'REMEDY' && e.answer === 'done'))
const remedy = computed(() =>
  byId(pack.value.remedies, props.step.kind === 'PROVE' ? pending.value?.subject : props.step.id),
)
</script>

<template>
  <template v-if="remedy">
    <PartPicker v-for="part in remedy.parts" :key="part" :remedy="remedy" :part="part" />
  </template>
  <button
    v-if="step.kind === 'REMEDY'"
    type="button"
    class="btn btn-act min-h-14 text-lg"
    :disabled="actions.busy.value"
    @click="actions.enter('REMEDY', step.id, 'done')"
  >
    Done, now prove it
  </button>
  <div v-else-if="pending" class="grid gap-2">
    <button
      type="button"
      class="btn btn-act min-h-14 text-lg"
      :disabled="actions.busy.value"
      @click="actions.correct(pending, 'cured')"
    >
      Proved: {{ lowerFirst(step.name) }}
    </button>
    <button
      type="button"
      class="btn min-h-14 text-lg"
      :disabled="actions.busy.value"
      @click="actions.correct(pending, 'partly')"
    >
      This works now, another complaint stays
    </button>
    <button
      type="button"
      class="btn min-h-14 text-lg"
      :disabled="actions.busy.value"
      @click="actions.correct(pending, 'still-failing')"
    >
      Still fails
    </button>
  </div>
</template>
