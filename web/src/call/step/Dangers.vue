<script setup lang="ts">
import { computed } from 'vue'
import type { Step } from '../../api/types'
import { byId } from '../../judgement/byId'
import CautionNote from '../../ui/CautionNote.vue'
import { lowerFirst, percent } from '../../ui/text/format'
import { useCallContext } from '../context'

/** From this chance on the whole caution stands at the step; below it, its name does; those hardly possible are counted. */
const LIKELY = 0.1
const POSSIBLE = 0.01

const props = defineProps<{ step: Step }>()
const { call, pack } = useCallContext()

/** What is possible and would hurt, unless the step says it itself. */
const dangers = computed(() => {
  const { checkCautions, remedyCautions } = call.value.applicable
  const said = checkCautions[props.step.id] ?? remedyCautions[props.step.id] ?? []
  return call.value.assessment.dangers
    .filter((danger) => !said.includes(danger.caution))
    .sort((a, b) => b.chance - a.chance)
    .map((danger) => ({
      ...danger,
      words: `${lowerFirst(byId(pack.value.faults, danger.fault)!.name)}, ${percent(danger.chance)}`,
    }))
})
const likely = computed(() => dangers.value.filter((danger) => danger.chance >= LIKELY))
const others = computed(() => dangers.value.filter((danger) => danger.chance < LIKELY))
const othersText = computed(() => {
  const named = others.value.filter((danger) => danger.chance >= POSSIBLE).map((danger) => danger.words)
  const more = others.value.length - named.length
  return [
    ...named,
    ...(more ? [`${more}${named.length ? ' more' : ''} under ${percent(POSSIBLE)}`] : []),
  ].join('; ')
})
</script>

<template>
  <CautionNote
    v-for="danger in likely"
    :key="danger.fault"
    :pack="pack"
    :caution="danger.caution"
    :lead="`Possible: ${danger.words}`"
  />
  <details v-if="others.length" class="border-warn border-l-8 pl-3 text-[0.95rem]">
    <summary class="min-h-12 cursor-pointer py-3">⚠ Also possible: {{ othersText }}</summary>
    <CautionNote
      v-for="danger in others"
      :key="danger.fault"
      :pack="pack"
      :caution="danger.caution"
      :lead="`Possible: ${danger.words}`"
    />
  </details>
</template>
