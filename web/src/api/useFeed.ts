import { useEventSource, useDebounceFn } from '@vueuse/core'
import { computed, watch } from 'vue'
import { sentHere } from './device'
import { changedElsewhere } from '../store/changedElsewhere'
import { retryReturned } from '../store/outgoing/outbox'
import { useSession } from './queries'
import { queryClient } from './queryClient'

const COME_BACK_MS = 5_000
/** What a colleague does in one go is looked at once. */
const IN_ONE_GO_MS = 300

/** A call that was changed, and whose it is. */
interface Changed {
  call: string
  command: string
  account?: string
}

/**
 * Looks again at what was changed elsewhere and concerns this device, as the server tells of it.
 *
 * @param back what is done once the server is there again
 */
export function useFeed(back: () => void) {
  const { data: session } = useSession()
  const url = computed(() => (session.value ? '/api/feed' : undefined))
  const { event, data, lastEventId } = useEventSource(url, ['here', 'changed', 'all'] as const, {
    autoReconnect: { delay: COME_BACK_MS },
  })
  const changed = new Map<string, Changed>()
  const lookAtThem = useDebounceFn(() => {
    const all = [...changed.values()]
    changed.clear()
    const ids = (some: Changed[]) => some.map(({ call }) => call)
    const ours = all.filter(({ account }) => account === session.value?.id)
    void changedElsewhere(ids(all), ids(ours))
    if (all.length) void queryClient.invalidateQueries({ queryKey: ['board'] })
    if (ours.length) void queryClient.invalidateQueries({ queryKey: ['round'] })
  }, IN_ONE_GO_MS)
  let begun = false
  watch(
    lastEventId,
    () => {
      if (event.value === 'changed') {
        const one = JSON.parse(data.value!) as Changed
        if (sentHere.has(one.command)) return
        changed.set(one.call, one)
        void lookAtThem()
        void retryReturned(one.call).then((some) => some && back())
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
