<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { isoToday } from '../ui/text/clocks'
import { dayName, daysSince1970, shiftDay } from '../ui/text/format'
import Failure from '../ui/Failure.vue'
import Notice from '../ui/Notice.vue'
import { NOBODY } from '../ui/nobody'
import DayOrWeek from './DayOrWeek.vue'
import DayOfWeek from './DayOfWeek.vue'
import GiveSheet from './GiveSheet.vue'
import NobodysVisits from './NobodysVisits.vue'
import PlannedAnew from './PlannedAnew.vue'
import { useBoards } from './queries'
import { useReplanning } from './useReplanning'
import { visitsOf } from './visits'
import { daysShown, lanesOf, weekOf } from './week'

/** Everybody's week: who is where on which day, and what is still to be given out. */
const props = defineProps<{ day?: string }>()
const router = useRouter()
const day = computed(() => props.day || isoToday())
const week = computed(() => weekOf(day.value))
const found = useBoards(week)
const boards = computed(() => (found.value.boards.length === week.value.length ? found.value.boards : []))
const shown = computed(() => daysShown(boards.value))
const lanes = computed(() => lanesOf(shown.value))
const today = computed(() => boards.value[0]?.today)
/**
 * Calls that nobody has, each once: what is left over stands on every board from today on. The boards come one by one: what one of them
 * says is somebody's is nobody's no more.
 */
const nobodys = computed(() => {
  const given = new Set(
    boards.value.flatMap(({ lanes }) => lanes.flatMap(({ calls }) => calls.map(({ id }) => id))),
  )
  const calls = new Map(boards.value.flatMap(({ nobody }) => nobody.map((call) => [call.id, call])))
  return visitsOf([...calls.values()].filter(({ id }) => !given.has(id)))
})
const { chosen, giving, choose, replan, done, undo, drop } = useReplanning()

function dropOn(id: string, account: string, on: string) {
  const all = [
    ...lanes.value.flatMap((lane) => lane.cells.map(({ visits }) => ({ from: lane.account, visits }))),
    { from: NOBODY, visits: nobodys.value },
  ]
  drop(id, all, { account, day: daysSince1970(on) })
}
const go = (days: number) => router.push(`/week/${shiftDay(day.value, days)}`)
</script>

<template>
  <main class="mx-auto w-full max-w-7xl px-3 pb-10 sm:px-6">
    <header class="flex flex-wrap items-end justify-between gap-3 py-4">
      <div>
        <h1 class="text-3xl leading-tight">Week of {{ dayName(week[0]!) }}</h1>
        <p class="text-soft">Everybody’s week</p>
      </div>
      <div class="flex flex-wrap gap-2">
        <RouterLink class="btn" to="/round">My round</RouterLink>
        <DayOrWeek :day="day" shown="week" />
        <span class="flex gap-2">
          <button type="button" class="btn" aria-label="The week before" @click="go(-7)">←</button>
          <button type="button" class="btn" aria-label="The week after" @click="go(7)">→</button>
        </span>
      </div>
    </header>
    <Failure :reason="found.reason" class="mb-4" @again="found.again()" />
    <Notice
      v-if="replan.error.value"
      :problem="replan.error.value"
      class="mb-4"
      @again="replan.variables.value && replan.mutate(replan.variables.value)"
      @dismiss="replan.reset()"
    />
    <PlannedAnew v-if="done.length" :calls="done.length" :busy="replan.isPending.value" @undo="undo" />
    <NobodysVisits v-if="nobodys.length" :visits="nobodys" dated @choose="choose($event, NOBODY)" />
    <p v-if="!boards.length && !found.reason" role="status" class="text-soft py-4">Looking at the week …</p>
    <div
      v-if="boards.length"
      class="lg:grid lg:gap-x-2"
      :style="{ gridTemplateColumns: `8rem repeat(${shown.length}, minmax(0, 1fr))` }"
    >
      <span class="hidden lg:block" />
      <RouterLink
        v-for="one in shown"
        :key="one.day"
        :to="`/board/${one.day}`"
        class="font-head hidden min-h-12 items-center font-bold underline decoration-dotted underline-offset-4 lg:flex"
        :class="one.day === today ? 'text-act' : ''"
      >
        {{ dayName(one.day) }}
      </RouterLink>
      <section
        v-for="lane in lanes"
        :key="lane.account"
        class="border-line border-t py-2 lg:contents"
        :aria-label="lane.name"
      >
        <h2 class="border-line text-lg leading-tight lg:border-t lg:py-2">{{ lane.name }}</h2>
        <DayOfWeek
          v-for="cell in lane.cells"
          :key="cell.day"
          :cell="cell"
          :today="cell.day === today"
          @choose="choose($event, lane.account)"
          @drop="dropOn($event, lane.account, cell.day)"
        />
      </section>
    </div>
    <GiveSheet
      v-if="chosen"
      v-model="giving"
      :visit="chosen.visit"
      :from="chosen.from"
      :lanes="boards[0]?.lanes ?? []"
      @done="done = $event"
    />
  </main>
</template>
