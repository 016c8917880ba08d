<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Entry } from '../../api/types'
import { clock, otherDay } from '../../ui/text/clocks'
import CorrectSheet from './CorrectSheet.vue'
import { useCallContext } from '../context'
import { useStory } from './useStory'

const { call, actions } = useCallContext()
const lines = useStory()
const correcting = ref<Entry>()
/** With two people on a call it is said who entered what. */
const several = computed(() => new Set(lines.value.map((line) => line.by).filter(Boolean)).size > 1)
</script>

<template>
  <section aria-labelledby="story-title">
    <h2 id="story-title" class="text-lg">So far</h2>
    <ol>
      <li
        v-for="line in lines"
        :key="line.id"
        class="border-line grid grid-cols-[3.4rem_1fr_auto] items-center gap-x-2 border-b border-dashed"
      >
        <time :datetime="new Date(line.at).toISOString()" class="text-soft font-mono text-xs"
          ><span v-if="otherDay(line.at)" class="block whitespace-nowrap">{{ otherDay(line.at) }}</span
          >{{ clock(line.at) }}</time
        >
        <span class="py-1 leading-tight">
          {{ line.what
          }}<template v-if="line.result"
            >: <b class="font-semibold">{{ line.result }}</b></template
          >
          <span v-if="several && line.by" class="text-soft block text-sm">{{ line.by }}</span>
        </span>
        <span v-if="!call.head.closing" class="flex">
          <button
            v-if="line.entry"
            type="button"
            class="btn btn-quiet px-2 text-sm"
            :aria-label="`Change: ${line.what}`"
            @click="correcting = line.entry"
          >
            change
          </button>
          <button
            type="button"
            class="btn btn-quiet px-2 text-sm"
            :aria-label="`Undo: ${line.what}`"
            :disabled="actions.busy.value"
            @click="line.undo"
          >
            undo
          </button>
        </span>
      </li>
    </ol>
    <CorrectSheet v-model="correcting" />
    <p v-if="!lines.length" class="text-soft py-1">Nothing yet.</p>
  </section>
</template>
