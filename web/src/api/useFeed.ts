import { useEventSource } from '@vueuse/core'
import { computed, watch } from 'vue'
import { sentHere } from './device'
import { held, hold } from '../store/held'
import { retryReturned } from '../store/outbox'
import { useSession } from './queries'
import { callKey, queryClient } from './queryClient'

const COME_BACK_MS = 5_000

async function holdAgain(call: string) {
  if (await held(call)) await hold(call).catch(() => undefined)
  await queryClient.invalidateQueries({ queryKey: callKey(call) })
}

/**
 * Looks again at what was changed elsewhere, as the server tells of it.
 *
 * @param back what is done once the server is there again
 */
export function useFeed(back: () => void) {
  const { data: session } = useSession()
  const url = computed(() => (session.value ? '/api/feed' : undefined))
  const { event, data, lastEventId } = useEventSource(url, ['here', 'changed', 'all'] as const, {
    autoReconnect: { delay: COME_BACK_MS },
  })
  let begun = false
  watch(
    lastEventId,
    () => {
      if (event.value === 'changed') {
        const changed = JSON.parse(data.value!) as { call: string; command: string }
        if (sentHere.has(changed.command)) return
        void holdAgain(changed.call)
        void retryReturned(changed.call).then((some) => some && back())
        void queryClient.invalidateQueries({ queryKey: ['round'] })
      } else if (begun || event.value === 'all') {
        // What was changed while nobody listened is not known one by one.
        void queryClient.invalidateQueries()
      }
      if (event.value !== 'changed') back()
      begun = true
    },
    { flush: 'sync' },
  )
}
