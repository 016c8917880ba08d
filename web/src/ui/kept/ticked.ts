import { useLocalStorage } from '@vueuse/core'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'

const KEY = 'grimy-gasket:loaded'

/** What lies on the van already, by day; on this device, as it is ticked off beside the van. */
const loaded = useLocalStorage<Record<string, string[]>>(KEY, {})

/** Days that are over are nobody's concern any more. */
const KEPT = 4

export function useTicked(day: MaybeRefOrGetter<string>) {
  const names = computed(() => new Set(loaded.value[toValue(day)] ?? []))
  function tick(name: string) {
    const now = new Set(names.value)
    if (!now.delete(name)) now.add(name)
    const days = Object.entries({ ...loaded.value, [toValue(day)]: [...now] })
    loaded.value = Object.fromEntries(days.sort(([a], [b]) => (a < b ? 1 : -1)).slice(0, KEPT))
  }
  return { names, tick }
}

/** Nothing of it is left to whoever signs in next. */
export const forgetTicked = () => localStorage.removeItem(KEY)
