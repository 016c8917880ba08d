import { onKeyStroke } from '@vueuse/core'

/** Whether a key is meant for what is typed into, or for a sheet that lies over the rest. */
function taken({ altKey, ctrlKey, metaKey, repeat, target }: KeyboardEvent) {
  const at = target as HTMLElement
  return (
    altKey ||
    ctrlKey ||
    metaKey ||
    repeat ||
    at.isContentEditable ||
    ['INPUT', 'TEXTAREA', 'SELECT'].includes(at.tagName) ||
    !!document.querySelector('[role="dialog"]')
  )
}

/** Does something at a key, unless somebody types. */
export const onKey = (keys: string | string[], act: (key: string) => void) =>
  onKeyStroke(keys, (event) => {
    if (taken(event)) return
    event.preventDefault()
    act(event.key)
  })
