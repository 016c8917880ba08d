<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Assessment, Pack, Suspect } from '../api/types'
import { lowerFirst, percent } from '../ui/text/format'
import GrimeBar from '../ui/GrimeBar.vue'
import { byId } from './byId'
import { weight } from './wording'

const SHORT = 4
/** From this chance on it is said what may have brought a fault about. */
const LIKELY = 0.1
/** The findings in as few words as will do, in the order in which they were weighed. */
const props = defineProps<{ pack: Pack; assessment: Assessment; findings: string[]; title: string }>()
const all = ref(false)

/** The pieces of evidence that moved a suspect noticeably, strongest first. */
const why = (suspect: Suspect) =>
  suspect.why
    .filter((w) => Math.abs(w.decibans) >= 0.5)
    .sort((a, b) => Math.abs(b.decibans) - Math.abs(a.decibans))
    .map((w) => ({ text: props.findings[w.finding], weight: weight(w.decibans) }))

/** What may have brought it about, for a suspect that is likely itself. */
const because = (suspect: Suspect) =>
  suspect.chance < LIKELY
    ? ''
    : suspect.because
        .slice(0, 2)
        .map((cause) => `${lowerFirst(byId(props.pack.faults, cause.fault)!.name)} ${percent(cause.chance)}`)
        .join(', ')

/** By more than what the rounding of each adds up to. */
const several = computed(() => {
  const { ranking, noneOfThese } = props.assessment
  return ranking.reduce((sum, { chance }) => sum + chance, noneOfThese) > 1.05
})

const suspects = computed(() =>
  props.assessment.ranking.slice(0, all.value ? undefined : SHORT).map((suspect) => ({
    ...suspect,
    name: byId(props.pack.faults, suspect.fault)!.name,
    why: why(suspect),
    because: because(suspect),
  })),
)
</script>

<template>
  <section aria-labelledby="ranking-title">
    <h2 id="ranking-title" class="text-lg">{{ title }}</h2>
    <p v-if="several" class="text-soft text-sm">
      More than one can be so at a time: together they come to more than 100%.
    </p>
    <ol>
      <li v-for="suspect in suspects" :key="suspect.fault" class="py-1.5">
        <details>
          <summary class="grid cursor-pointer list-none grid-cols-[1fr_auto] gap-x-3">
            <span>{{ suspect.name }}</span>
            <span class="font-mono text-sm font-semibold">{{ percent(suspect.chance) }}</span>
            <GrimeBar :chance="suspect.chance" class="col-span-2 mt-1" />
            <span v-if="suspect.because" class="col-span-2 mt-0.5 text-sm leading-tight"
              >because of: {{ suspect.because }}</span
            >
            <span v-if="suspect.why.length" class="text-soft col-span-2 mt-0.5 truncate text-sm">
              <template v-for="(piece, i) in suspect.why.slice(0, 2)" :key="i"
                >{{ i ? ' · ' : '' }}<b class="font-mono text-xs">{{ piece.weight }}</b>
                {{ piece.text }}</template
              >
            </span>
          </summary>
          <ul class="border-line mt-1 border-l-4 pl-3 text-sm">
            <li v-for="(piece, i) in suspect.why" :key="i" class="flex justify-between gap-3">
              <span>{{ piece.text }}</span><b class="font-mono text-xs leading-5">{{ piece.weight }}</b>
            </li>
            <li v-if="!suspect.why.length">Nothing entered has moved it.</li>
            <li>
              <RouterLink
                :to="`/know-how/${pack.id}/faults/${suspect.fault}`"
                class="underline decoration-dotted underline-offset-4"
                >What is known about it</RouterLink
              >
            </li>
            <li class="text-soft">
              Before any evidence: {{ percent(suspect.prior) }}. +10 makes ten times likelier, −10 ten times
              less.
            </li>
          </ul>
        </details>
      </li>
      <li class="grid grid-cols-[1fr_auto] py-1.5">
        <span>None of these</span>
        <span class="font-mono text-sm font-semibold">{{ percent(assessment.noneOfThese) }}</span>
        <GrimeBar :chance="assessment.noneOfThese" class="col-span-2 mt-1" />
      </li>
    </ol>
    <button type="button" class="btn btn-quiet -ml-4" @click="all = !all">
      {{ all ? 'Only the likeliest' : `All ${assessment.ranking.length} faults` }}
    </button>
  </section>
</template>
