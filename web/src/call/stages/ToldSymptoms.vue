<script setup lang="ts">
import { computed } from 'vue'
import type { Symptom } from '../../api/types'
import { symptomSettled } from '../../judgement/finding'
import { byId } from '../../judgement/byId'
import { useCallContext } from '../context'

const { call, pack, actions } = useCallContext()

const complaints = computed(() =>
  pack.value.symptoms.filter((symptom) => call.value.applicable.complaints.includes(symptom.id)),
)
/** What stands first stops the call; of those that exclude each other only one can be told. */
const symptoms = computed(() => [
  ...complaints.value.filter((symptom) => symptom.alarm),
  ...complaints.value.filter((symptom) => !symptom.alarm),
])
/** The last answer to it: a remedy may lie between two. */
const entryOf = (symptom: Symptom) =>
  [...call.value.story]
    .reverse()
    .find(({ finding }) => finding.kind === 'symptom-settled' && finding.symptom === symptom.id)
function isTold(symptom: Symptom) {
  const finding = entryOf(symptom)?.finding
  return finding?.kind === 'symptom-settled' && finding.answer === 'YES'
}

/** The symptom that was told instead of this one, and excludes it. */
function instead(symptom: Symptom) {
  const others =
    pack.value.exclusive.find((question) => question.symptoms.includes(symptom.id))?.symptoms ?? []
  const told = others.find((other) => other !== symptom.id && isTold(byId(pack.value.symptoms, other)!))
  return byId(pack.value.symptoms, told)
}

async function touch(symptom: Symptom) {
  const entry = entryOf(symptom)
  const other = instead(symptom)
  if (other && !(await actions.takeBack(entryOf(other)!))) return
  const told = symptomSettled(symptom.id, 'YES', true)
  if (!entry) await actions.settle(told)
  else if (isTold(symptom)) await actions.takeBack(entry)
  else await actions.correct(entry, told)
}
</script>

<template>
  <div role="group" aria-label="What the customer sees" class="grid grid-cols-2 gap-2">
    <button
      v-for="symptom in symptoms"
      :key="symptom.id"
      type="button"
      class="btn justify-start px-3 py-1 text-left text-[0.95rem] leading-tight"
      :class="{
        'bg-rubber hover:bg-rubber text-white': isTold(symptom),
        'border-warn col-span-2 border-l-8': symptom.alarm,
      }"
      :aria-pressed="isTold(symptom)"
      :disabled="actions.busy.value"
      @click="touch(symptom)"
    >
      {{ isTold(symptom) ? '✓ ' : '' }}{{ symptom.name }}
    </button>
  </div>
</template>
