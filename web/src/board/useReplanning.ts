import { ref } from 'vue'
import { reversed, spotOf, useReplan, type Change, type Spot } from './replan'
import { stateOf, type BoardVisit } from './visits'

interface Place {
  from: string
  visits: BoardVisit[]
}

/** What somebody does on a board: looks at a visit, plans it anew, and takes that back. */
export function useReplanning() {
  /** The visit that is looked at, and on whose day it is. */
  const chosen = ref<{ visit: BoardVisit; from: string }>()
  const giving = ref(false)
  function choose(visit: BoardVisit, from: string) {
    chosen.value = { visit, from }
    giving.value = true
  }

  const replan = useReplan()
  /** What was changed last; it can be taken back. */
  const done = ref<Change[]>([])
  function take(changes: Change[], reset = () => {}) {
    replan.mutate(changes, {
      onSuccess() {
        done.value = changes
        reset()
      },
    })
  }
  const undo = () => replan.mutate(reversed(done.value), { onSuccess: () => (done.value = []) })

  /**
   * A visit was dropped somewhere else; one that is under way stays where it is.
   *
   * @param places where it may be, each with whose it is there
   */
  function drop(id: string, places: Place[], to: Partial<Spot>) {
    for (const { from, visits } of places) {
      const visit = visits.find((one) => one.id === id)
      if (!visit || stateOf(visit.first) !== 'to do') continue
      return take(
        visit.calls.map((call) => {
          const was = spotOf(call, from)
          return { call: call.id, was, becomes: { ...was, ...to } }
        }),
      )
    }
  }

  return { chosen, giving, choose, replan, done, take, undo, drop }
}
