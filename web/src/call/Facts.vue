<script setup lang="ts">
import { computed } from 'vue'
import { lowerFirst } from '../ui/format'
import { answerText } from '../judgement/wording'
import FactChoice from '../ui/FactChoice.vue'
import { useCallContext } from './context'

const { call, pack, actions } = useCallContext()
const known = computed(() => call.value.entries.filter((entry) => entry.kind === 'FACT'))
const facts = computed(() =>
  pack.value.facts
    .filter((fact) => call.value.applicable.facts.includes(fact.id))
    .map((fact) => ({ ...fact, entry: known.value.find((entry) => entry.subject === fact.id) })),
)
const summary = computed(
  () =>
    facts.value
      .filter((fact) => fact.entry)
      .map((fact) => `${fact.name}: ${lowerFirst(answerText(fact.entry!, fact.entry!.answer, pack.value))}`)
      .join('; ') || 'nothing yet',
)

function choose(fact: (typeof facts.value)[number], choice: string | undefined) {
  if (!choice) return fact.entry && actions.takeBack(fact.entry)
  return fact.entry ? actions.correct(fact.entry, choice) : actions.enter('FACT', fact.id, choice)
}
</script>

<template>
  <details v-if="facts.length" class="border-line border-t py-1">
    <summary class="min-h-12 cursor-pointer py-1 leading-tight">
      <span class="font-head font-bold">Known about it</span>
      <span class="text-soft block text-[0.95rem]">{{ summary }}</span>
    </summary>
    <FactChoice
      v-for="fact in facts"
      :key="fact.id"
      :fact="fact"
      :model-value="fact.entry?.answer"
      :disabled="!!call.closedAt || actions.busy.value"
      @update:model-value="choose(fact, $event)"
    />
  </details>
</template>
