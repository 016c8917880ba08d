import { shallowRef, watch, type Ref } from 'vue'
import { callKey, queryClient, useSession } from '../api/queries'
import type { Call, Command, HeldCall } from '../api/types'
import { applied, hold, stateOf } from '../core/core'

/** What is undone if what was drawn turns out not to be so. */
export interface Drawn {
  /** The call as it was shown before. */
  shown?: Call
  held?: HeldCall
  /** Whether the server has answered. */
  answered: boolean
}

/**
 * A call as this device holds it: what a command makes of it is drawn at once, before the server has answered. Until the device
 * holds it the page waits for the answers.
 *
 * @param version of the call that is shown
 */
export function useDevice(callId: Ref<string>, version: Ref<number | undefined>) {
  const { data: session } = useSession()
  const held = shallowRef<HeldCall>()
  let applying: Promise<unknown> = Promise.resolve()

  /** Where the call is another than this device holds, as on the first view or after somebody else's change, it is asked for. */
  watch(
    [callId, version],
    async () => {
      await applying
      const id = callId.value
      const holds = held.value?.call.head
      if (!version.value || (holds?.id === id && holds.version === version.value)) return
      held.value = undefined
      const fresh = await hold(id).catch(() => undefined)
      if (id === callId.value) held.value = fresh
    },
    { immediate: true },
  )

  function draw(command: Command | undefined): Drawn {
    const shown = queryClient.getQueryData<Call>(callKey(callId.value))
    const drawn = { shown, held: held.value, answered: false }
    if (command && held.value && session.value) {
      applying = apply(command, held.value, drawn).catch(() => (held.value = undefined))
    }
    return drawn
  }

  async function apply(command: Command, before: HeldCall, drawn: Drawn) {
    const { id, name, lead, units } = session.value!
    const rank = lead ? ('LEAD' as const) : ('TECHNICIAN' as const)
    const outcome = await applied(before, command, { account: id, name, rank })
    if (outcome.kind !== 'applied' || held.value !== before) return
    const after = { ...before, call: outcome.call }
    held.value = after
    if (drawn.answered) return
    const now = Date.now()
    const offset = -new Date(now).getTimezoneOffset()
    const state = await stateOf(after, { viewer: { rank, units }, now, offset })
    if (drawn.answered) return
    queryClient.setQueryData(callKey(command.call), (call?: Call) => call && { ...call, ...state })
  }

  /** The server's answer is what counts. */
  function answered(drawn: Drawn | undefined) {
    if (drawn) drawn.answered = true
  }

  /** It was not to be: the call is shown as it was. */
  function undraw(drawn: Drawn | undefined) {
    answered(drawn)
    if (!drawn?.shown) return
    held.value = drawn.held
    queryClient.setQueryData(callKey(drawn.shown.head.id), drawn.shown)
  }

  return { draw, answered, undraw }
}
