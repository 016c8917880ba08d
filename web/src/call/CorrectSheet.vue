<script setup lang="ts">
import { computed } from 'vue'
import type { Entry } from '../api/types'
import { byId } from '../judgement/byId'
import { findingText } from '../judgement/wording'
import Sheet from '../ui/Sheet.vue'
import { useCallContext } from './context'
import ReadingEntry from './ReadingEntry.vue'

/** The line of the story that is corrected; none while the sheet is shut. */
const entry = defineModel<Entry>()
const { call, pack, codes, actions } = useCallContext()

const SIGN_ANSWERS = [
  { id: 'yes', name: 'Yes' },
  { id: 'no', name: 'No' },
  { id: 'unknown', name: 'Nobody knows' },
]
const question = computed(() => {
  const { kind, subject } = entry.value!
  return kind === 'SIGN'
    ? byId(pack.value.signs, subject)!.ask
    : findingText(entry.value!, pack.value, codes.value).what
})
const answers = computed(() => {
  const { kind, subject } = entry.value!
  if (kind === 'CHECK') return byId(pack.value.checks, subject)?.outcomes ?? []
  if (kind === 'FACT') return byId(pack.value.facts, subject)?.choices ?? []
  return SIGN_ANSWERS
})

async function correct(answer: string) {
  const was = entry.value!
  if (was.answer !== answer) await actions.correct(was, answer)
  entry.value = undefined
}
</script>

<template>
  <Sheet :model-value="!!entry" :title="entry ? question : ''" @update:model-value="entry = undefined">
    <div v-if="entry" class="grid gap-2">
      <ReadingEntry
        v-if="entry.kind === 'CHECK' && call.measures[entry.subject]"
        :check="entry.subject"
        :entry="entry"
        @kept="entry = undefined"
      />
      <button
        v-for="answer in answers"
        :key="answer.id"
        type="button"
        class="btn min-h-14 justify-start text-left text-lg leading-tight"
        :class="{ 'bg-rubber text-white': answer.id === entry.answer }"
        :aria-pressed="answer.id === entry.answer"
        :disabled="actions.busy.value"
        @click="correct(answer.id)"
      >
        {{ answer.name }}
      </button>
    </div>
  </Sheet>
</template>
