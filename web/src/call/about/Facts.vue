<script setup lang="ts">
import { computed } from 'vue'
import { lowerFirst } from '../../ui/text/format'
import { factKnown } from '../../judgement/finding'
import { answerText } from '../../judgement/wording'
import FactChoice from '../../ui/field/FactChoice.vue'
import { useCallContext } from '../context'

const { call, pack, actions } = useCallContext()
/** What is known of a fact, and its entry. */
function known(fact: string) {
  for (const entry of call.value.story)
    if (entry.finding.kind === 'fact-known' && entry.finding.fact === fact)
      return { entry, choice: entry.finding.choice }
}
const facts = computed(() =>
  pack.value.facts
    .filter((fact) => call.value.applicable.facts.includes(fact.id))
    .map((fact) => ({ ...fact, ...known(fact.id) })),
)
const summary = computed(
  () =>
    facts.value
      .filter((fact) => fact.entry)
      .map((fact) => `${fact.name}: ${lowerFirst(answerText(fact.entry!.finding, pack.value))}`)
      .join('; ') || 'nothing yet',
)

function choose(fact: (typeof facts.value)[number], choice: string | undefined) {
  if (!choice) return fact.entry && actions.takeBack(fact.entry)
  const finding = factKnown(fact.id, choice)
  return fact.entry ? actions.correct(fact.entry, finding) : actions.settle(finding)
}
</script>

<template>
  <details v-if="facts.length" class="border-line border-t py-1">
    <summary class="min-h-12 cursor-pointer py-1 leading-tight">
      <span class="font-head font-bold">Background</span>
      <span class="text-soft block text-[0.95rem]">{{ summary }}</span>
    </summary>
    <FactChoice
      v-for="fact in facts"
      :key="fact.id"
      :fact="fact"
      :model-value="fact.choice"
      :disabled="!!call.head.closing || actions.busy.value"
      @update:model-value="choose(fact, $event)"
    />
  </details>
</template>
