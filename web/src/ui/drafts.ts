import { useStorage, type RemovableRef } from '@vueuse/core'

const PREFIX = 'grimy-gasket:draft:'

/** Something half typed, kept on this device until it is sent: it outlives a reload and a closed browser. */
export function useDraft<T>(key: string, empty: T): RemovableRef<T> {
  return useStorage(PREFIX + key, empty, localStorage, { mergeDefaults: true })
}

/** Half-typed things belong to whoever typed them: they go with the sign-out. */
export function forgetDrafts() {
  Object.keys(localStorage)
    .filter((key) => key.startsWith(PREFIX))
    .forEach((key) => localStorage.removeItem(key))
}
