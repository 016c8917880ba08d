import { computed, inject, provide, shallowRef, watch, type ComputedRef, type InjectionKey } from 'vue'
import type { Call, Code, Pack, Step } from '../api/types'
import type { CallActions } from './useCallActions'
import type { StageChoice } from './ring/useStage'

/** What every piece of a call's screen needs: the call as it stands, its kind's pack, its maker's codes, what can be done, and what is shown. */
export interface CallContext {
  call: ComputedRef<Call>
  pack: ComputedRef<Pack>
  codes: ComputedRef<Code[]>
  actions: CallActions
  stage: StageChoice
  /** The step to take: the advised one, or another that was chosen; none once the machine is proved to work. */
  step: ComputedRef<Step | undefined>
}

const KEY: InjectionKey<CallContext> = Symbol('call')

export const provideCall = (context: CallContext) => provide(KEY, context)

/** For all within a call that is drawn a frame later: what comes next stands there first. */
export function provideLater() {
  const now = useCallContext()
  const call = shallowRef(now.call.value)
  watch(now.call, (one) => {
    // Another call is no later state of this one.
    if (one.head.id !== call.value.head.id) call.value = one
    else requestAnimationFrame(() => requestAnimationFrame(() => (call.value = now.call.value)))
  })
  provideCall({ ...now, call: computed(() => call.value) })
}

export function useCallContext(): CallContext {
  const context = inject(KEY)
  if (!context) throw new Error('no call is provided here')
  return context
}
