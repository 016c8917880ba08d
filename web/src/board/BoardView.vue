<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { useSession } from '../api/queries'
import { isoToday } from '../ui/text/clocks'
import { clockTime, dayName, daysSince1970, shiftDay } from '../ui/text/format'
import Failure from '../ui/Failure.vue'
import Notice from '../ui/Notice.vue'
import DayOrWeek from './DayOrWeek.vue'
import GiveSheet from './GiveSheet.vue'
import LaneRow from './LaneRow.vue'
import NobodysVisits from './NobodysVisits.vue'
import PlanCard from './PlanCard.vue'
import PlannedAnew from './PlannedAnew.vue'
import { NOBODY } from '../ui/nobody'
import { useBoard, usePlan } from './queries'
import { along, HOURS } from './timeline'
import { useReplanning } from './useReplanning'
import { visitsOf } from './visits'

/** Everybody's day. */
const props = defineProps<{ day?: string }>()
const router = useRouter()
const { data: session } = useSession()
const day = computed(() => props.day || isoToday())
const { data: board, failureReason, refetch } = useBoard(day)
const nobodys = computed(() => visitsOf(board.value?.nobody ?? []))
const go = (to: string) => router.push(to === board.value?.today ? '/board' : `/board/${to}`)

const plan = usePlan(day)
const { chosen, giving, choose, replan, done, take, undo, drop: dropOn } = useReplanning()

/** A visit was dropped on somebody's day. */
function drop(id: string, to: string, minute: number) {
  const all = [
    ...(board.value?.lanes ?? []).map((lane) => ({ from: lane.account, visits: visitsOf(lane.calls) })),
    { from: NOBODY, visits: nobodys.value },
  ]
  dropOn(id, all, { account: to, day: daysSince1970(board.value!.day), plannedAt: minute })
}
</script>

<template>
  <main class="mx-auto w-full max-w-7xl px-3 pb-10 sm:px-6">
    <header class="flex flex-wrap items-end justify-between gap-3 py-4">
      <div>
        <h1 class="text-3xl leading-tight">
          {{ board ? `${board.day === board.today ? 'Today, ' : ''}${dayName(board.day)}` : 'Everybody' }}
        </h1>
        <p class="text-soft">Everybody’s day</p>
      </div>
      <div class="flex flex-wrap gap-2">
        <RouterLink class="btn" to="/round">My round</RouterLink>
        <DayOrWeek :day="day" shown="day" />
        <button type="button" class="btn" aria-label="The day before" @click="go(shiftDay(day, -1))">
          ←
        </button>
        <button type="button" class="btn" aria-label="The day after" @click="go(shiftDay(day, 1))">→</button>
        <button
          v-if="session?.lead && board && board.day >= board.today"
          type="button"
          class="btn btn-act"
          :disabled="plan.isPending.value"
          @click="plan.mutate()"
        >
          {{ plan.isPending.value ? 'Looking for a plan …' : 'Plan the day' }}
        </button>
      </div>
    </header>
    <Failure :reason="failureReason" class="mb-4" @again="refetch()" />
    <Notice
      v-for="problem in [plan.error.value, replan.error.value].filter((one) => !!one)"
      :key="problem.message"
      :problem="problem"
      class="mb-4"
      @again="
        plan.error.value ? plan.mutate() : replan.variables.value && replan.mutate(replan.variables.value)
      "
      @dismiss="(plan.reset(), replan.reset())"
    />
    <PlanCard
      v-if="plan.data.value && board"
      :proposal="plan.data.value"
      :board="board"
      :busy="replan.isPending.value"
      @take="take($event, plan.reset)"
      @leave="plan.reset()"
    />
    <PlannedAnew v-if="done.length" :calls="done.length" :busy="replan.isPending.value" @undo="undo" />
    <template v-if="board">
      <NobodysVisits v-if="nobodys.length" :visits="nobodys" @choose="choose($event, NOBODY)" />
      <div class="text-soft hidden grid-cols-[10rem_1fr] gap-x-3 lg:grid" aria-hidden="true">
        <span />
        <span class="relative h-5 font-mono text-xs">
          <span
            v-for="hour in HOURS.slice(0, -1)"
            :key="hour"
            class="absolute"
            :style="{ left: `${along(60 * hour)}%` }"
            >{{ clockTime(60 * hour) }}</span
          >
        </span>
      </div>
      <LaneRow
        v-for="lane in board.lanes"
        :key="lane.account"
        :lane="lane"
        @choose="choose($event, lane.account)"
        @drop="(visit: string, minute: number) => drop(visit, lane.account, minute)"
      />
      <GiveSheet
        v-if="chosen"
        v-model="giving"
        :visit="chosen.visit"
        :from="chosen.from"
        :lanes="board.lanes"
        @done="done = $event"
      />
    </template>
  </main>
</template>
