<script setup lang="ts">
import { computed } from 'vue'
import type { Laid, Line } from '../../api/types'
import { clock } from '../../ui/text/clocks'
import { useCallContext } from '../context'
import { handling, screwsText } from '../job'
import { usePhotos } from './usePhotos'

const PLACE = { TRAY: '', BACK: 'back in', LEFT_OUT: 'left out' }
const props = defineProps<{ line: Line<Laid> }>()
defineEmits<{ edit: [] }>()
const { call, actions } = useCallContext()
const piece = computed(() => props.line.what)
const dries = computed(
  () => call.value.close.tray.wayBack.find((step) => step.piece === piece.value.id)?.state === 'DRIES',
)
const dry = computed(() => clock(piece.value.dryUntil))
const { photos, take, source } = usePhotos(() => props.line)
</script>

<template>
  <li class="border-line border-b border-dashed">
    <details>
      <summary class="min-h-12 cursor-pointer py-2 leading-tight">
        <b>{{ piece.name }}</b>
        <span v-if="piece.place !== 'TRAY'" class="text-clean font-semibold">
          ✓ {{ PLACE[piece.place] }}</span
        >
        <span v-if="dries" class="font-semibold"> · dries until {{ dry }}</span>
        <span v-for="(group, i) in piece.screws" :key="i" class="block text-[0.95rem]">
          {{ screwsText(group.screws) }}
          <b v-if="group.cup" class="border-edge ml-1 rounded border-2 px-1 font-mono text-sm">{{
            group.cup
          }}</b>
          <b v-else class="text-act"> in no cup</b>
        </span>
        <span v-if="handling(piece)" class="text-soft block text-sm">{{ handling(piece) }}</span>
      </summary>
      <div v-if="!call.head.closing" class="flex justify-between gap-2">
        <label class="btn flex-1 cursor-pointer px-2">
          Photo
          <input
            type="file"
            accept="image/*"
            capture="environment"
            class="sr-only"
            :aria-label="`Photo of ${piece.name}`"
            @change="take"
          />
        </label>
        <button
          type="button"
          class="btn flex-1 px-2"
          :aria-label="`Change: ${piece.name}`"
          @click="$emit('edit')"
        >
          Change
        </button>
        <button
          type="button"
          class="btn flex-1 px-2"
          :aria-label="`Not taken off: ${piece.name}`"
          :disabled="actions.busy.value"
          @click="actions.strike(line)"
        >
          Not off
        </button>
      </div>
      <div v-for="photo in photos" :key="photo.id" class="flex items-end gap-2 py-2">
        <a :href="source(photo)" target="_blank" rel="noopener">
          <img
            :src="source(photo)"
            :alt="`${piece.name}, as it sat`"
            class="border-edge max-h-48 rounded border-2"
          />
        </a>
        <button
          v-if="!call.head.closing"
          type="button"
          class="btn btn-quiet px-2 text-sm"
          :disabled="actions.busy.value"
          @click="actions.removePhoto(photo.id)"
        >
          remove
        </button>
      </div>
    </details>
  </li>
</template>
