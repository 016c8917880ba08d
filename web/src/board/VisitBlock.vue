<script setup lang="ts">
import { computed } from 'vue'
import { STAGE_TITLE } from '../call/ring/stageTitle'
import { clockTime, dayName, hours, isoDay } from '../ui/text/format'
import { isLate, stateOf, type BoardVisit } from './visits'

/** A visit, as it lies on somebody's day; with that day, where it is not told by its place. */
const props = defineProps<{ visit: BoardVisit; dated?: boolean }>()
defineEmits<{ choose: [] }>()
const first = computed(() => props.visit.first)
const state = computed(() => stateOf(first.value))
const late = computed(() => isLate(props.visit.arrival))
const LOOKS: Record<string, string> = {
  closed: 'border-clean bg-sheet text-soft',
  begun: 'border-rubber bg-rubber text-white',
  cancelled: 'border-edge bg-sheet text-soft line-through',
}
const minutes = computed(() => props.visit.calls.reduce((sum, call) => sum + call.minutes, 0))
</script>

<template>
  <button
    type="button"
    class="block min-h-14 w-full overflow-hidden rounded-lg border-2 px-2 py-1 text-left leading-tight"
    :class="LOOKS[state] ?? (late ? 'border-act bg-sheet' : 'border-edge bg-sheet')"
    :draggable="state === 'to do'"
    :data-visit="visit.id"
    :aria-label="`${clockTime(first.plannedAt)} ${first.customer}, ${first.complaint || 'upkeep'}, ${state}`"
    @click="$emit('choose')"
    @dragstart="$event.dataTransfer?.setData('text/plain', visit.id)"
  >
    <span class="block truncate text-sm">
      <b class="font-mono">{{ clockTime(first.plannedAt) }}</b>
      {{ state === 'to do' || state === 'begun' ? hours(minutes) : state
      }}<template v-if="visit.calls.length > 1">, {{ visit.calls.length }} machines</template>
    </span>
    <span v-if="dated" class="text-soft block truncate text-sm">{{ dayName(isoDay(first.day)) }}</span>
    <span class="block truncate font-semibold">{{ first.customer }}</span>
    <span class="block truncate text-sm">
      <b v-if="state === 'begun'">at {{ STAGE_TITLE[first.stands] }} · </b>
      <b v-if="late" class="text-act">late · </b>{{ first.complaint || 'Upkeep' }}
    </span>
  </button>
</template>
