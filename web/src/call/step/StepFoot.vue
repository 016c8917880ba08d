<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Step } from '../../api/types'
import { byId } from '../../judgement/byId'
import { lowerFirst } from '../../ui/text/format'
import { heightAs } from '../../ui/heightAs'
import { onKey } from '../../ui/keys'
import { confirmedLast } from './confirmed'
import { useCallContext } from '../context'
import { isUnread } from './unread'
import { useStepWork } from './useStepWork'

const props = defineProps<{ step: Step }>()
const { call, pack } = useCallContext()
const { cautions } = useStepWork(() => props.step)
/** The cautions stand above, where they may have been scrolled past. */
const first = computed(() =>
  cautions.value
    .filter((id) => !confirmedLast(call.value, id))
    .map((id) => lowerFirst(byId(pack.value.cautions, id)?.title ?? id)),
)

/** What ends a step: in view above the bar of the views, however much there is to read before; its buttons by the keys 1 to 9, too. */
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

onKey([...'123456789'], (key) =>
  foot.value?.querySelectorAll<HTMLElement>('button:not(:disabled)')[Number(key) - 1]?.click(),
)
</script>

<template>
  <div
    ref="foot"
    class="step-foot bg-sheet border-edge sticky bottom-[calc(3.5rem+var(--store-mark,0px))] z-[5] -mx-4 grid max-h-[60dvh] gap-2 overflow-y-auto border-t-2 px-4 py-2"
    role="group"
    aria-label="Answers"
    @click.capture="takeOnlyIfRead"
  >
    <p v-if="first.length" class="bg-warn-pale border-warn truncate border-l-8 px-2 text-[0.95rem]">
      ⚠ Not confirmed yet: <b>{{ first.join(', ') }}</b>
    </p>
    <slot />
  </div>
</template>
