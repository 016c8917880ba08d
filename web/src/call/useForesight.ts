import { hashKey } from '@tanstack/vue-query'
import { watchDebounced } from '@vueuse/core'
import type { Ref } from 'vue'
import { commandOf } from '../api/commands'
import type { Call, CallChange, Pack, Step } from '../api/types'
import { findingsOf } from '../judgement/answers'
import { pendingOf, remedyOf, remedyTried, type Proved } from '../judgement/finding'
import { foresee } from '../store/held/held'

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

/** What a change would make of a call, and the id of the command that it was worked out for. */
export interface Foreseen {
  id: string
  view: Call
}

/** What is foreseen of a change of the call as it stands, if it is. */
export type Foresight = (change: CallChange) => Foreseen | undefined

const keyOf = (change: CallChange) => hashKey([change])

/** While a step is read or done, what its answers make is worked out, so that it can be drawn as soon as one of them is tapped. */
export function useForesight(
  call: Ref<Call | undefined>,
  step: Ref<Step | undefined>,
  pack: Ref<Pack | undefined>,
) {
  const seen = new Map<string, Foreseen>()
  let from: Call | undefined

  async function look(now: Call, ways: CallChange[][]) {
    from = now
    seen.clear()
    for (const changes of ways) {
      const commands = changes.map((change) => commandOf(now.head.id, change))
      const view = await foresee(now.head.id, commands)
      if (from !== now) return
      // Several are entered, and drawn, one after the other.
      if (view && commands.length === 1) seen.set(keyOf(changes[0]!), { id: commands[0]!.id, view })
    }
  }
  watchDebounced(
    () => [call.value, call.value && step.value, pack.value] as const,
    ([now, step, pack]) => {
      if (now && step && pack && !now.head.closing)
        // It is there sooner, or it is worked out when it is asked for.
        void look(now, answersTo(step, now, pack)).catch(() => undefined)
    },
    { debounce: LATER_MS, immediate: true },
  )
  const foresight: Foresight = (change) => {
    const key = keyOf(change)
    const foreseen = from === call.value ? seen.get(key) : undefined
    // An id is sent once.
    seen.delete(key)
    return foreseen
  }
  return foresight
}
