<script setup lang="ts">
import { ref } from 'vue'
import { dayName, hours } from '../ui/text/format'
import VisitBlock from './VisitBlock.vue'
import type { BoardVisit } from './visits'
import type { WeekCell } from './week'

/** Somebody's day, as it stands in their week. */
defineProps<{ cell: WeekCell; today: boolean }>()
const emit = defineEmits<{ choose: [visit: BoardVisit]; drop: [visit: string] }>()

/** From how many minutes late in all a day is said to be late: estimate. */
const WORTH_SAYING = 5

const over = ref(false)
function drop(event: DragEvent) {
  over.value = false
  const visit = event.dataTransfer?.getData('text/plain')
  if (visit) emit('drop', visit)
}
</script>

<template>
  <div
    class="border-line grid content-start gap-1 rounded-lg py-1 lg:rounded-none lg:border-t lg:px-1 lg:py-2"
    :class="[over ? 'bg-clear' : today ? 'bg-sheet' : '', { 'hidden lg:grid': !cell.visits.length }]"
    :data-day="cell.day"
    @dragover.prevent="over = true"
    @dragleave="over = false"
    @drop.prevent="drop"
  >
    <h3 class="text-soft text-sm font-semibold lg:hidden" :class="{ 'text-act': today }">
      {{ dayName(cell.day) }}
    </h3>
    <VisitBlock v-for="visit in cell.visits" :key="visit.id" :visit="visit" @choose="emit('choose', visit)" />
    <p v-if="cell.work !== undefined" class="text-soft text-sm leading-tight">
      {{ hours(cell.work) }} of work<template v-if="cell.driving"
        >, {{ hours(cell.driving) }} driving</template
      >
      <b v-if="cell.late >= WORTH_SAYING" class="text-act block">about {{ hours(cell.late) }} late in all</b>
    </p>
  </div>
</template>
