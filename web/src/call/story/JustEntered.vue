<script setup lang="ts">
import { useNow } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Entry } from '../../api/types'
import CorrectSheet from './CorrectSheet.vue'
import { onKey } from '../../ui/keys'
import { useCallContext } from '../context'
import { useStory } from './useStory'

/** So long a wrong tap is noticed at once; later the story has it. */
const FRESH_MS = 60_000

/** The last thing that was entered, with the way to mend it: on a phone the story is far below. */
const { call, actions } = useCallContext()
const lines = useStory()
const now = useNow({ interval: 5000 })
const correcting = ref<Entry>()

const last = computed(() => {
  const line = lines.value.at(-1)
  return line && now.value.getTime() - line.at < FRESH_MS ? line : undefined
})
function mend() {
  if (last.value?.entry) correcting.value = last.value.entry
  else void last.value?.undo()
}
onKey('u', () => !actions.busy.value && mend())
</script>

<template>
  <p v-if="last && !call.head.closing" class="border-line flex items-center justify-between gap-3 border-t">
    <span class="leading-tight"
      >{{ last.what
      }}<template v-if="last.result"
        >: <b>{{ last.result }}</b></template
      ></span
    >
    <button
      type="button"
      class="btn btn-quiet shrink-0 px-2"
      :aria-label="`Mend: ${last.what}`"
      :disabled="actions.busy.value"
      @click="mend"
    >
      {{ last.entry ? 'change' : 'undo' }}
    </button>
  </p>
  <CorrectSheet v-model="correcting" />
</template>
