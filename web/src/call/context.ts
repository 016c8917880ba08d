import { inject, provide, type ComputedRef, type InjectionKey } from 'vue'
import type { Call, Code, Pack } from '../api/types'
import type { CallActions } from './useCallActions'

/** What every piece of a call's screen needs: the call as it stands, its kind's pack, its maker's codes, and what can be done. */
export interface CallContext {
  call: ComputedRef<Call>
  pack: ComputedRef<Pack>
  codes: ComputedRef<Code[]>
  actions: CallActions
}

const KEY: InjectionKey<CallContext> = Symbol('call')

export const provideCall = (context: CallContext) => provide(KEY, context)

export function useCallContext(): CallContext {
  const context = inject(KEY)
  if (!context) throw new Error('no call is provided here')
  return context
}
