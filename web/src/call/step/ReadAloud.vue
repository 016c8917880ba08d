<script setup lang="ts">
import { computed } from 'vue'
import type { Step } from '../../api/types'
import { byId } from '../../judgement/byId'
import { titleOf } from '../../judgement/steps'
import { onKey } from '../../ui/keys'
import { useCallContext } from '../context'
import { useAloud } from './useAloud'
import { useStepWork } from './useStepWork'

const props = defineProps<{ step: Step }>()
const { pack } = useCallContext()
const { cautions, method, notes } = useStepWork(() => props.step)

/** What stands at the step, the warnings before the work. */
const sentences = computed(() => [
  titleOf(props.step),
  ...cautions.value.map((id) => byId(pack.value.cautions, id)).map((one) => `${one?.title}. ${one?.text}`),
  ...method.value.map(({ text, stopIf }) => (stopIf ? `${text} Stop if ${stopIf}` : text)),
  ...notes.value,
  ...(props.step.prospects.length ? [props.step.prospects.map(({ name }) => name).join(', or: ')] : []),
])
const { can, reading, left, start, next, repeat, stop } = useAloud(() => sentences.value)
onKey('a', () => (reading.value ? stop() : start()))
onKey('n', () => reading.value && left.value > 0 && next())
onKey('r', () => reading.value && repeat())
</script>

<template>
  <template v-if="can">
    <div v-if="reading" class="mt-2 grid gap-2">
      <p class="font-semibold" aria-live="off">{{ reading }}</p>
      <div class="grid grid-cols-3 gap-2">
        <button type="button" class="btn min-h-16" @click="stop()">Stop</button>
        <button type="button" class="btn min-h-16" @click="repeat()">Repeat</button>
        <button type="button" class="btn btn-act min-h-16" :disabled="!left" @click="next()">Next</button>
      </div>
    </div>
    <button
      v-else
      type="button"
      class="absolute top-0 right-0 min-h-12 px-4 pt-2 pb-5 text-sm leading-none underline decoration-dotted underline-offset-4"
      @click="start()"
    >
      Read aloud
    </button>
  </template>
</template>
