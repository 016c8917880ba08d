import { watchDebounced } from '@vueuse/core'
import type { Ref } from 'vue'
import type { Call, CallChange, Pack, Step } from '../api/types'
import { findingsOf } from '../judgement/answers'
import { pendingOf, remedyOf, remedyTried, type Proved } from '../judgement/finding'
import { ahead } from '../store/held'

const ENOUGH = 6
/** First what was tapped is drawn. */
const LATER_MS = 250

const PROVED: Proved[] = ['CURED', 'PARTLY', 'STILL_FAILING']

/** What may be entered to a step, the likeliest first: for each what it changes. */
function answersTo(step: Step, call: Call, pack: Pack): CallChange[][] {
  if (step.kind === 'REMEDY') return [[{ kind: 'settle', finding: remedyTried(step.id, 'PENDING') }]]
  if (step.kind === 'PROVE') {
    const pending = pendingOf(call)
    if (!pending) return []
    const { id: entry, version: base, finding } = pending
    return PROVED.map((proved) => [
      { kind: 'correct', entry, base, finding: remedyTried(remedyOf(finding)!, proved) },
    ])
  }
  return [...step.prospects]
    .sort((one, other) => other.chance - one.chance)
    .slice(0, ENOUGH)
    .map(({ outcome }) =>
      findingsOf(step, outcome, pack).map((finding): CallChange => ({ kind: 'settle', finding })),
    )
}

/** While a step is read or done, what its answers make is worked out, so that it is there once one of them is tapped. */
export function useAhead(call: Ref<Call | undefined>, step: Ref<Step | undefined>, pack: Ref<Pack>) {
  watchDebounced(
    // The same step on another story has other answers.
    () => [call.value?.story, call.value && step.value],
    () => {
      if (call.value && step.value && !call.value.head.closing)
        // It is there sooner, or it is worked out when it is asked for.
        void ahead(call.value.head.id, answersTo(step.value, call.value, pack.value)).catch(() => undefined)
    },
    { debounce: LATER_MS, immediate: true },
  )
}
