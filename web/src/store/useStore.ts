import { useEventListener } from '@vueuse/core'
import { watch } from 'vue'
import { returns } from '../api/client'
import { useSession } from '../api/queries'
import { queryClient } from '../api/queryClient'
import { started } from '../core/core'
import { finish, sendWhatWaits } from './outgoing/enter'
import { keepFor, prepare } from './held/nextDays'
import { read } from './outgoing/outbox'

/** The first view comes first: it is asked for before it is known who is signed in. */
const LATER_MS = 300

/** Whatever this device can do later, or without anybody waiting for it. */
const inTheBackground = (act: () => Promise<unknown>) => void act().catch(() => undefined)

/** Keeps on this device what the next days need, and sends what waits, once somebody is signed in and whenever signal returns. */
export function useStore() {
  const { data: session } = useSession()
  let preparing: ReturnType<typeof setTimeout> | undefined
  function catchUp() {
    const account = session.value?.id
    if (!account) return
    inTheBackground(async () => {
      await keepFor(account)
      await finish()
      await read()
      void sendWhatWaits()
    })
    inTheBackground(started)
    clearTimeout(preparing)
    preparing = setTimeout(() => inTheBackground(prepare), LATER_MS)
  }
  watch(() => session.value?.id, catchUp, { immediate: true })
  useEventListener(window, 'online', catchUp)
  // Settings that somebody else has changed are told to nobody: they are looked at when this screen is looked at again.
  useEventListener(document, 'visibilitychange', () => document.visibilityState === 'visible' && catchUp())
  // The server was restored, and is given back what it lacks.
  watch(returns, () => {
    void queryClient.invalidateQueries()
    catchUp()
  })
  // The first time it comes to work while the page is open.
  useEventListener(
    () => navigator.serviceWorker,
    'controllerchange',
    () => {
      const worker = navigator.serviceWorker.controller
      if (worker?.state === 'activated') catchUp()
      else worker?.addEventListener('statechange', catchUp, { once: true })
    },
  )
  return { catchUp }
}
