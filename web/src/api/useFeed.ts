import { useEventSource } from '@vueuse/core'
import { computed, watch } from 'vue'
import { sentHere } from './device'
import { callKey, queryClient, useSession } from './queries'

const COME_BACK_MS = 5_000

/** Looks again at what was changed elsewhere, as the server tells of it. */
export function useFeed() {
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
        void queryClient.invalidateQueries({ queryKey: callKey(changed.call) })
        void queryClient.invalidateQueries({ queryKey: ['round'] })
      } else if (begun || event.value === 'all') {
        // What was changed while nobody listened is not known one by one.
        void queryClient.invalidateQueries()
      }
      begun = true
    },
    { flush: 'sync' },
  )
}
