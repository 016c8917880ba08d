import { useNow, useStorage } from '@vueuse/core'
import { computed } from 'vue'

/** Counts up. It is kept by its start, so that a reload or a locked screen does not stop it. */
export function useStopwatch(key: string) {
  const start = useStorage(`grimy-gasket:stopwatch:${key}`, 0)
  const now = useNow({ interval: 100 })
  const seconds = computed(() => Math.max(0, (now.value.getTime() - start.value) / 1000))
  return {
    running: computed(() => start.value > 0),
    face: computed(() => seconds.value.toFixed(1)),
    start: () => (start.value = Date.now()),
    /** Stops it, and gives the seconds to a tenth. */
    stop: () => {
      const taken = (Date.now() - start.value) / 1000
      start.value = 0
      return taken.toFixed(1)
    },
  }
}
