<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Lane } from '../api/types'
import { clockTime, hours } from '../ui/text/format'
import { along, HOURS, minuteAt } from './timeline'
import VisitBlock from './VisitBlock.vue'
import { visitsOf, type BoardVisit } from './visits'

/** Somebody's day along the hours; on a phone, one visit under the other. */
const props = defineProps<{ lane: Lane }>()
const emit = defineEmits<{ choose: [visit: BoardVisit]; drop: [visit: string, minute: number] }>()

const visits = computed(() => visitsOf(props.lane.calls, props.lane.plan))
const plan = computed(() => props.lane.plan?.expected)
/** Of the hours, in percent: narrower, nothing could be read. */
const NARROWEST = 9
/** Of a visit that is over, in minutes. */
const OVER = 30

/** From when it is expected to be worked on, as long as that takes; blocks that would lie on one another take turns on several lines. */
const blocks = computed(() => {
  const ends: number[] = []
  return visits.value.map((visit) => {
    const { first, calls, arrival } = visit
    const from = Math.max(first.plannedAt, arrival?.begins ?? 0)
    const minutes = calls.reduce((sum, call) => sum + (call.closedAt ? OVER : call.minutes), 0)
    const left = Math.min(along(from), 100 - NARROWEST)
    const width = Math.max(NARROWEST, along(from + minutes) - left)
    const free = ends.findIndex((end) => end <= left)
    const line = free < 0 ? ends.length : free
    ends[line] = left + width
    return { visit, left, width, line }
  })
})
const lines = computed(() => Math.max(1, ...blocks.value.map(({ line }) => line + 1)))

const over = ref(false)
function drop(event: DragEvent) {
  over.value = false
  const visit = event.dataTransfer?.getData('text/plain')
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  if (visit) emit('drop', visit, minuteAt((event.clientX - box.left) / box.width))
}
</script>

<template>
  <section
    class="border-line grid items-stretch gap-x-3 border-b py-2 lg:grid-cols-[10rem_1fr]"
    :aria-label="lane.name"
  >
    <h2 class="text-lg leading-tight">
      {{ lane.name }}
      <span v-if="plan" class="text-soft block text-sm font-normal">
        {{ hours(plan.driving) }} on the road, back about {{ clockTime(Math.round(plan.home) % 1440) }}
      </span>
      <span v-if="plan && plan.late >= 5" class="text-act block text-sm">
        about {{ hours(plan.late) }} late in all
      </span>
    </h2>
    <div
      class="relative hidden rounded-lg lg:block"
      :class="over ? 'bg-clear' : 'bg-paper'"
      :style="{ height: `${4.75 * lines}rem` }"
      @dragover.prevent="over = true"
      @dragleave="over = false"
      @drop.prevent="drop"
    >
      <span
        v-for="hour in HOURS"
        :key="hour"
        class="border-line absolute inset-y-0 border-l"
        :style="{ left: `${along(60 * hour)}%` }"
        aria-hidden="true"
      />
      <VisitBlock
        v-for="{ visit, left, width, line } in blocks"
        :key="visit.id"
        :visit="visit"
        class="absolute"
        :style="{ left: `${left}%`, width: `${width}%`, top: `${0.25 + 4.75 * line}rem` }"
        @choose="$emit('choose', visit)"
      />
    </div>
    <div class="grid gap-2 lg:hidden">
      <VisitBlock v-for="visit in visits" :key="visit.id" :visit="visit" @choose="$emit('choose', visit)" />
      <p v-if="!visits.length" class="text-soft">Nothing on this day.</p>
    </div>
  </section>
</template>
