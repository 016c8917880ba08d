<script setup lang="ts">
import { computed } from 'vue'
import type { Entry, Finding } from '../../api/types'
import { byId } from '../../judgement/byId'
import { checkMade, factKnown, symptomSettled } from '../../judgement/finding'
import { findingText } from '../../judgement/wording'
import Sheet from '../../ui/Sheet.vue'
import { useCallContext } from '../context'
import ReadingEntry from './ReadingEntry.vue'

/** The line of the story that is corrected; none while the sheet is shut. */
const entry = defineModel<Entry>()
const { call, pack, codes, actions } = useCallContext()

const SIGN_ANSWERS = [
  { answer: 'YES', name: 'Yes' },
  { answer: 'NO', name: 'No' },
  { answer: 'UNKNOWN', name: 'Nobody knows' },
] as const
const question = computed(() => {
  const { finding } = entry.value!
  return finding.kind === 'symptom-settled'
    ? byId(pack.value.symptoms, finding.symptom)!.ask
    : findingText(finding, pack.value, codes.value).what
})
/** The check of the entry that can be measured; none for another. */
const measurable = computed(() => {
  const finding = entry.value?.finding
  const check = finding && 'check' in finding ? finding.check : undefined
  return check && call.value.find.measures[check] ? check : undefined
})
const answers = computed(() => answersTo(entry.value!.finding))

function answersTo(finding: Finding) {
  switch (finding.kind) {
    case 'check-made':
    case 'reading-taken':
      return byId(pack.value.checks, finding.check)!.outcomes.map(({ id, name }) => ({
        name,
        finding: checkMade(finding.check, id),
        chosen: finding.kind === 'check-made' && finding.outcome === id,
      }))
    case 'fact-known':
      return byId(pack.value.facts, finding.fact)!.choices.map(({ id, name }) => ({
        name,
        finding: factKnown(finding.fact, id),
        chosen: finding.choice === id,
      }))
    case 'symptom-settled':
      return SIGN_ANSWERS.map(({ answer, name }) => ({
        name,
        finding: symptomSettled(finding.symptom, answer, finding.complaint),
        chosen: finding.answer === answer,
      }))
    // A code is shown or not, and a remedy is proved where it was done.
    case 'code-read':
    case 'code-shown':
    case 'remedy-tried':
      return []
  }
}

async function correct(answer: (typeof answers.value)[number]) {
  if (!answer.chosen) await actions.correct(entry.value!, answer.finding)
  entry.value = undefined
}
</script>

<template>
  <Sheet :model-value="!!entry" :title="entry ? question : ''" @update:model-value="entry = undefined">
    <div v-if="entry" class="grid gap-2">
      <ReadingEntry v-if="measurable" :check="measurable" :entry="entry" @kept="entry = undefined" />
      <button
        v-for="answer in answers"
        :key="answer.name"
        type="button"
        class="btn min-h-14 justify-start text-left text-lg leading-tight"
        :class="{ 'bg-rubber text-white': answer.chosen }"
        :aria-pressed="answer.chosen"
        :disabled="actions.busy.value"
        @click="correct(answer)"
      >
        {{ answer.name }}
      </button>
    </div>
  </Sheet>
</template>
