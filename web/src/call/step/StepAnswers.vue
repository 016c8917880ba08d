<script setup lang="ts">
import { computed } from 'vue'
import type { Step } from '../../api/types'
import { findingsOf } from '../../judgement/answers'
import { leaderName } from '../../judgement/wording'
import { lowerFirst, percent } from '../../ui/text/format'
import { useCallContext } from '../context'
import ReadingEntry from '../story/ReadingEntry.vue'
import StepFoot from './StepFoot.vue'

const props = defineProps<{ step: Step }>()
const { call, pack, actions } = useCallContext()

/** Each answer with what it would mean, the likeliest first. */
const answers = computed(() =>
  props.step.prospects
    .map((prospect) => ({
      ...prospect,
      meaning: `${lowerFirst(leaderName(prospect.leader, pack.value))} ${percent(prospect.leaderChance)}`,
    }))
    .sort((one, other) => other.chance - one.chance),
)
function enter(answer: string) {
  // Felt through a glove, where the device can.
  navigator.vibrate?.(15)
  void actions.settleAll(findingsOf(props.step, answer, pack.value))
}
</script>

<template>
  <StepFoot :step="step">
    <template v-if="step.kind === 'CHECK' && call.find.measures[step.id]">
      <ReadingEntry :key="step.id" :check="step.id" />
      <p class="text-soft -my-1 text-sm">or by eye:</p>
    </template>
    <div class="grid grid-cols-2 gap-2">
      <button
        v-for="answer in answers"
        :key="answer.outcome"
        type="button"
        class="answer border-edge hover:bg-enamel min-h-14 rounded-lg border-2 bg-paper px-3 py-1 text-left leading-tight"
        :disabled="actions.busy.value"
        @click="enter(answer.outcome)"
      >
        <span class="block text-lg leading-tight font-semibold">{{ answer.name }}</span>
        <span class="text-soft block text-sm leading-tight">then {{ answer.meaning }}</span>
      </button>
      <button
        v-if="step.kind === 'ASK'"
        type="button"
        class="answer btn btn-quiet min-h-14"
        :disabled="actions.busy.value"
        @click="enter('unknown')"
      >
        Nobody knows
      </button>
    </div>
  </StepFoot>
</template>

<style scoped>
/* The last of an odd number has the row to itself. */
.answer:last-child:nth-child(odd) {
  grid-column: 1 / -1;
}
</style>
