import { useStorage, type RemovableRef } from '@vueuse/core'
import { watch, type Ref } from 'vue'

const PREFIX = 'grimy-gasket:draft:'

/**
 * Something half typed, kept on this device until it is sent: it outlives a reload and a closed browser. Nothing is kept of
 * what is as it was before anybody typed.
 */
export function useDraft<T>(key: string, empty: T): RemovableRef<T> {
  const untouched = JSON.stringify(empty)
  const draft = useStorage(PREFIX + key, empty, localStorage, { mergeDefaults: true, writeDefaults: false })
  watch(draft, (now) => JSON.stringify(now) === untouched && localStorage.removeItem(PREFIX + key), {
    deep: true,
    flush: 'post',
  })
  return draft
}

/** Sends what stands in a field, and empties it once that went through; what was typed meanwhile stays. */
export async function sendTyped(field: Ref<string>, send: (typed: string) => Promise<boolean>) {
  const typed = field.value
  const sent = await send(typed)
  if (sent && field.value === typed) field.value = ''
  return sent
}

const kept = () => Object.keys(localStorage).filter((key) => key.startsWith(PREFIX))

export const isHalfTyped = () => kept().length > 0

/** What was half typed about a call goes with it. */
export function forgetDraftsOf(call: string) {
  kept().forEach((key) => key.includes(call) && localStorage.removeItem(key))
}

/** Half-typed things belong to whoever typed them: they go with the sign-out. */
export function forgetDrafts() {
  kept().forEach((key) => localStorage.removeItem(key))
}
