import { useElementSize } from '@vueuse/core'
import { onUnmounted, watch, type Ref } from 'vue'

/** Tells the styles how high something is that sticks at the foot, so that nothing else lies under it. */
export function heightAs(property: `--${string}`, element: Ref<HTMLElement | undefined>) {
  const { height } = useElementSize(element, undefined, { box: 'border-box' })
  const { style } = document.documentElement
  watch(height, (pixels) => style.setProperty(property, `${pixels}px`))
  onUnmounted(() => style.removeProperty(property))
}
