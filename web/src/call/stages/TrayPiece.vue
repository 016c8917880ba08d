<script setup lang="ts">
import { computed } from 'vue'
import type { Laid, Line } from '../../api/types'
import { clock } from '../../ui/format'
import { useCallContext } from '../context'
import { handling, screwsText } from '../job'
import { usePhotos } from './usePhotos'

const PLACE = { TRAY: '', BACK: 'back in', LEFT_OUT: 'left out' }
const props = defineProps<{ line: Line<Laid> }>()
defineEmits<{ edit: [] }>()
const { call, actions } = useCallContext()
const piece = computed(() => props.line.what)
const dries = computed(() => piece.value.dryUntil > Date.now())
const { photos, take, source } = usePhotos(() => props.line)
</script>

<template>
  <li class="border-line flex items-start gap-2 border-b border-dashed py-2">
    <div class="min-w-0 flex-1 leading-tight">
      <p>
        <b>{{ piece.name }}</b>
        <span v-if="piece.place !== 'TRAY'" class="text-clean font-semibold">
          ✓ {{ PLACE[piece.place] }}</span
        >
      </p>
      <p v-if="piece.screws" class="text-[0.95rem]">
        {{ screwsText(piece.screws) }}
        <b v-if="piece.cup" class="border-rubber ml-1 rounded border-2 px-1 font-mono text-sm">{{
          piece.cup
        }}</b>
        <b v-else class="text-act"> in no cup</b>
      </p>
      <p v-if="handling(piece)" class="text-soft text-sm">{{ handling(piece) }}</p>
      <p v-if="dries" class="text-sm font-semibold">
        Dries until {{ clock(new Date(piece.dryUntil).toISOString()) }}
      </p>
      <div v-if="photos.length" class="mt-1 flex gap-2">
        <a v-for="photo in photos" :key="photo.id" :href="source(photo)" target="_blank" rel="noopener">
          <img
            :src="source(photo)"
            :alt="`${piece.name}, as it sat`"
            class="border-rubber h-16 rounded border-2"
          />
        </a>
      </div>
    </div>
    <div v-if="!call.closedAt" class="flex shrink-0 flex-col items-end sm:flex-row">
      <label class="btn btn-quiet cursor-pointer px-2 text-sm">
        photo
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
        class="btn btn-quiet px-2 text-sm"
        :aria-label="`Change: ${piece.name}`"
        @click="$emit('edit')"
      >
        change
      </button>
      <button
        type="button"
        class="btn btn-quiet px-2 text-sm"
        :aria-label="`Not taken off: ${piece.name}`"
        :disabled="actions.busy.value"
        @click="actions.drop(line)"
      >
        undo
      </button>
    </div>
  </li>
</template>
