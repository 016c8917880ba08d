<script setup lang="ts">
import { computed } from 'vue'
import type { Step } from '../api/types'
import { findingsOf } from '../judgement/answers'
import { leaderName } from '../judgement/wording'
import { lowerFirst, percent } from '../ui/format'
import { useCallContext } from './context'
import ReadingEntry from './ReadingEntry.vue'

const props = defineProps<{ step: Step }>()
const { call, pack, actions } = useCallContext()

/** Each answer with what it would mean. */
const answers = computed(() =>
  props.step.prospects.map((prospect) => ({
    ...prospect,
    meaning: `${lowerFirst(leaderName(prospect.leader, pack.value))} ${percent(prospect.leaderChance)}`,
  })),
)
const enter = (answer: string) => actions.settleAll(findingsOf(props.step, answer, pack.value))
</script>

<template>
  <div class="grid gap-2">
    <template v-if="step.kind === 'CHECK' && call.find.measures[step.id]">
      <ReadingEntry :key="step.id" :check="step.id" />
      <p class="text-soft text-sm">or by eye:</p>
    </template>
    <button
      v-for="answer in answers"
      :key="answer.outcome"
      type="button"
      class="border-rubber hover:bg-enamel flex min-h-14 items-center justify-between gap-3 rounded-lg border-2 bg-white px-4 py-1.5 text-left"
      :disabled="actions.busy.value"
      @click="enter(answer.outcome)"
    >
      <span class="max-w-3/5 shrink-0 text-lg leading-tight font-semibold">{{ answer.name }}</span>
      <span class="text-soft text-right text-sm leading-tight">then {{ answer.meaning }}</span>
    </button>
    <button
      v-if="step.kind === 'ASK'"
      type="button"
      class="btn btn-quiet"
      :disabled="actions.busy.value"
      @click="enter('unknown')"
    >
      Nobody knows
    </button>
  </div>
</template>
