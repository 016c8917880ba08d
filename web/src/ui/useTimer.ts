import { useNow, useStorage } from '@vueuse/core'
import { computed } from 'vue'

/** Counts a method's waiting time down. It is kept by its end, so that a reload or a locked screen does not stop it. */
export function useTimer(key: string, seconds: number) {
  const end = useStorage(`grimy-gasket:timer:${key}`, 0)
  const now = useNow({ interval: 250 })
  const running = computed(() => end.value > 0)
  const left = computed(() =>
    running.value ? Math.max(0, Math.ceil((end.value - now.value.getTime()) / 1000)) : seconds,
  )
  return {
    running,
    left,
    over: computed(() => running.value && left.value === 0),
    face: computed(() => `${Math.floor(left.value / 60)}:${String(left.value % 60).padStart(2, '0')}`),
    start: () => (end.value = Date.now() + seconds * 1000),
    stop: () => (end.value = 0),
  }
}
