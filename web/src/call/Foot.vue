<script setup lang="ts">
import { ref } from 'vue'
import { heightAs } from '../ui/heightAs'
import { onKey } from '../ui/keys'
import { isUnread } from './step/unread'

/**
 * What ends a step: in view above the bar of the views, however much there is to read before.
 *
 * @param keys whether its buttons have the keys 1 to 9, too: not where one more than was meant would do harm
 */
const props = defineProps<{ label: string; keys?: boolean }>()

const foot = ref<HTMLElement>()
heightAs('--step-foot', foot)

/** Every step has a foot of its own. */
const since = performance.now()
function takeOnlyIfRead(click: MouseEvent) {
  if (!isUnread(click, since)) return
  click.stopPropagation()
  // A form is sent by its button itself.
  click.preventDefault()
}

onKey(props.keys ? [...'123456789'] : [], (key) =>
  foot.value?.querySelectorAll<HTMLElement>('button:not(:disabled)')[Number(key) - 1]?.click(),
)
</script>

<template>
  <div
    ref="foot"
    class="step-foot bg-sheet border-edge low:static sticky bottom-[calc(3.5rem+var(--store-mark,0px))] z-[5] -mx-4 grid max-h-[60dvh] gap-2 overflow-y-auto border-t-2 px-4 py-2"
    role="group"
    :aria-label="label"
    @click.capture="takeOnlyIfRead"
  >
    <slot />
  </div>
</template>
