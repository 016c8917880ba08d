<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, toRef } from 'vue'
import { useRouter } from 'vue-router'
import { Problem } from '../api/problem'
import type { Finding, Knowhow, Step } from '../api/types'
import Bore from '../judgement/Bore.vue'
import { byId } from '../judgement/byId'
import { checkMade, factKnown, symptomSettled, subjectOf, type SymptomAnswer } from '../judgement/finding'
import FindingSearch from '../judgement/FindingSearch.vue'
import MindChangers from '../judgement/MindChangers.vue'
import Misfits from '../judgement/Misfits.vue'
import { byTrouble } from '../judgement/paths'
import Ranking from '../judgement/Ranking.vue'
import { stepKey } from '../judgement/steps'
import { leaderName } from '../judgement/wording'
import FactChoice from '../ui/field/FactChoice.vue'
import FeatureChoice from '../ui/field/FeatureChoice.vue'
import { percent } from '../ui/text/format'
import Notice from '../ui/Notice.vue'
import NextInLine from './NextInLine.vue'
import { useWhatIf } from './useWhatIf'

const props = defineProps<{ knowhow: Knowhow }>()
const router = useRouter()
const { features, findings, data, problem, answerTo, choiceOf, suppose, forget, clear, words } = useWhatIf(
  toRef(props, 'knowhow'),
)
const wide = useMediaQuery('(min-width: 60rem)')
const pack = computed(() => props.knowhow.pack)
const settled = computed(() => new Set(findings.value.map(({ finding }) => subjectOf(finding))))

async function enter(finding: Finding, maker?: string) {
  suppose(finding, maker)
  return true
}

/** The likeliest fault, for a screen on which the ranking is far below. */
const leader = computed(() => {
  const first = findings.value.length ? data.value?.assessment.ranking[0] : undefined
  return first && { name: leaderName(first.fault, pack.value), chance: first.chance }
})

/** A step's answer as something supposed. */
function answered(step: Step, answer: string) {
  if (step.kind === 'FACT') return suppose(factKnown(step.id, answer))
  if (step.kind === 'CHECK') return suppose(checkMade(step.id, answer))
  const question = byId(pack.value.exclusive, step.id)
  if (!question) return suppose(symptomSettled(step.id, answer.toUpperCase() as SymptomAnswer))
  if (answer === 'none') return question.symptoms.forEach((symptom) => suppose(symptomSettled(symptom, 'NO')))
  suppose(symptomSettled(answer, 'YES'))
}

const symptoms = computed(() => {
  const seen = data.value?.applicable.symptoms ?? []
  return pack.value.symptoms.filter((symptom) => seen.includes(symptom.id))
})
const facts = computed(() =>
  pack.value.facts.filter((fact) => data.value?.applicable.facts.includes(fact.id)),
)
/** A symptom is not known, then seen, then missing, then not known again. */
function turn(symptom: string) {
  const now = answerTo(symptom)
  if (now === 'NO') forget(symptomSettled(symptom, now))
  else suppose(symptomSettled(symptom, now ? 'NO' : 'YES'))
}
const MARK: Record<string, string> = { YES: '✓ ', NO: '✗ ' }

const choose = (fact: string, choice: string | undefined) =>
  choice ? suppose(factKnown(fact, choice)) : forget(factKnown(fact, ''))

function showStation(station: string) {
  const fault = data.value?.assessment.ranking.find((suspect) =>
    pack.value.faults.find((one) => one.id === suspect.fault)?.at.includes(station),
  )
  if (fault) void router.push(`/know-how/${pack.value.id}/faults/${fault.fault}`)
}
function showStep(key: string) {
  const step = data.value?.assessment.plan.alternatives.find((one) => stepKey(one) === key)
  const leader = step?.prospects.find((prospect) => prospect.leader)?.leader
  if (leader) void router.push(`/know-how/${pack.value.id}/faults/${leader}`)
}
</script>

<template>
  <Notice v-if="problem instanceof Problem" :problem="problem" class="mb-3" @dismiss="clear" @again="clear" />
  <div class="desk:grid-cols-[22rem_minmax(0,1fr)] grid gap-x-8 gap-y-6">
    <section class="grid content-start gap-3" aria-label="Suppose">
      <FindingSearch
        :pack="pack"
        :codes="knowhow.codes"
        :symptoms="data?.applicable.symptoms ?? []"
        :settled="settled"
        :draft-key="`what-if:${pack.id}`"
        placeholder="Suppose a symptom or a code"
        :machine="{ kind: pack.id, features }"
        :enter="enter"
      />
      <ul v-if="findings.length" aria-label="Supposed">
        <li
          v-for="({ finding }, i) in findings"
          :key="finding.kind + subjectOf(finding)"
          class="border-line flex min-h-12 items-center justify-between gap-2 border-b border-dashed leading-tight"
        >
          <span class="font-semibold">{{ words[i] }}</span>
          <button
            type="button"
            class="btn btn-quiet px-2 text-sm"
            :aria-label="`Suppose no longer: ${words[i]}`"
            @click="forget(finding)"
          >
            undo
          </button>
        </li>
      </ul>
      <p v-else class="text-soft">
        Nothing is supposed yet. Touch a symptom once for seen, twice for missing, and watch the paths.
      </p>
      <button
        v-if="findings.length"
        type="button"
        class="btn btn-quiet justify-self-start -ml-4"
        @click="clear"
      >
        Start over
      </button>
      <p v-if="!wide && leader" class="border-edge border-l-4 pl-3">
        Most likely: <b>{{ leader.name }}</b>, {{ percent(leader.chance) }}
      </p>
      <details :open="wide">
        <summary class="font-head min-h-12 cursor-pointer py-2 font-bold">Symptoms</summary>
        <div class="flex flex-wrap gap-1.5">
          <button
            v-for="symptom in symptoms"
            :key="symptom.id"
            type="button"
            class="border-edge min-h-12 rounded-lg border-2 px-2.5 py-1 text-left text-[0.95rem] leading-tight"
            :class="answerTo(symptom.id) === 'YES' ? 'bg-rubber text-white' : 'bg-paper'"
            :aria-label="`${symptom.name}: ${{ YES: 'seen', NO: 'missing', UNKNOWN: undefined }[answerTo(symptom.id) ?? 'UNKNOWN'] ?? 'not known'}`"
            @click="turn(symptom.id)"
          >
            {{ MARK[answerTo(symptom.id) ?? ''] }}{{ symptom.name }}
          </button>
        </div>
      </details>
      <details>
        <summary class="font-head min-h-12 cursor-pointer py-2 font-bold">Background</summary>
        <FactChoice
          v-for="fact in facts"
          :key="fact.id"
          :fact="fact"
          :model-value="choiceOf(fact.id)"
          @update:model-value="choose(fact.id, $event)"
        />
      </details>
      <details>
        <summary class="font-head min-h-12 cursor-pointer py-2 font-bold">Fitted</summary>
        <FeatureChoice v-model="features" :features="pack.features" />
      </details>
    </section>

    <div v-if="data" class="min-w-0">
      <div class="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 class="text-lg">Its paths</h2>
        <p class="text-soft text-sm">Wide means probably clear</p>
      </div>
      <div class="desk:block grid grid-cols-2 gap-3">
        <Bore
          v-for="{ path, slim } in byTrouble(data.assessment)"
          :key="path.path"
          :pack="pack"
          :path="path"
          :slim="slim"
          @touch="showStation"
        />
      </div>
      <div class="mt-4 grid gap-x-8 gap-y-5 md:grid-cols-2">
        <div>
          <Misfits :assessment="data.assessment" :findings="words" />
          <Ranking :pack="pack" :assessment="data.assessment" :findings="words" title="Most likely" />
        </div>
        <div class="grid content-start gap-4">
          <NextInLine :assessment="data.assessment" @answer="answered" />
          <MindChangers :pack="pack" :assessment="data.assessment" @choose="showStep" />
        </div>
      </div>
    </div>
  </div>
</template>
