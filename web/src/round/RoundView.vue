<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useRound, useSession } from '../api/queries'
import type { Arrival } from '../api/types'
import { clockTime, dayName, hours, shiftDay } from '../ui/text/format'
import { ready } from '../store/held/nextDays'
import Failure from '../ui/Failure.vue'
import BetterOrder from './BetterOrder.vue'
import BringInCall from './BringInCall.vue'
import FirstDay from './FirstDay.vue'
import NewCallSheet from './NewCallSheet.vue'
import RoundLine from './RoundLine.vue'
import ToLoad from './ToLoad.vue'

const props = defineProps<{ day?: string }>()
const router = useRouter()
const { data: session } = useSession()
const { data: round, failureReason, refetch } = useRound(() => props.day)
const adding = ref(false)

const open = computed(() => round.value?.calls.filter((call) => !call.closedAt).length ?? 0)
/** By call, when somebody is expected: at the first call of each visit that is not under way. */
const arrivals = computed(() => {
  const first = new Map<string, Arrival>()
  for (const arrival of round.value?.plan?.expected.arrivals ?? []) {
    const call = round.value!.calls.find((one) => one.visit === arrival.visit && !one.closedAt)
    if (call && !call.stepsTaken) first.set(call.id, arrival)
  }
  return first
})
const isToday = computed(() => round.value?.day === round.value?.today)

function go(by: number) {
  if (!round.value) return
  const day = shiftDay(round.value.day, by)
  router.push(day === round.value.today ? '/round' : `/round/${day}`)
}
</script>

<template>
  <main class="mx-auto w-full max-w-6xl px-3 pb-8 sm:px-6">
    <header class="flex flex-wrap items-end justify-between gap-x-6 gap-y-3 py-4">
      <div>
        <h1 class="text-3xl leading-tight sm:text-4xl">
          {{ round ? `${isToday ? 'Today, ' : ''}${dayName(round.day)}` : 'Round' }}
        </h1>
        <p v-if="round" class="text-soft">
          <template v-if="open"
            >{{ open }} {{ open === 1 ? 'call' : 'calls' }} to go, about {{ hours(round.minutesLeft) }} of
            work<template v-if="round.plan"
              >, {{ hours(round.plan.expected.driving) }} on the road, back about
              {{ clockTime(Math.round(round.plan.expected.home) % 1440) }}</template
            ></template
          >
          <template v-else-if="round.calls.length">All calls of the day are closed.</template>
          <template v-else>No calls on this day.</template>
        </p>
        <p v-if="ready" class="text-soft text-sm">
          ✓ Works without signal: the next days are on this device.
        </p>
      </div>
      <div class="no-print flex flex-wrap gap-2">
        <RouterLink class="btn" :to="isToday ? '/board' : `/board/${round?.day}`">Everybody</RouterLink>
        <button type="button" class="btn" aria-label="The day before" @click="go(-1)">←</button>
        <button type="button" class="btn" aria-label="The day after" @click="go(1)">→</button>
        <button type="button" class="btn btn-act" @click="adding = true">New call</button>
      </div>
    </header>

    <Failure :reason="failureReason" class="mb-4" @again="refetch()" />

    <div v-if="round" class="desk:grid-cols-[1fr_20rem] grid items-start gap-6">
      <section aria-label="Calls">
        <FirstDay v-if="session?.owner" />
        <BetterOrder v-if="round.plan?.better" :plan="round.plan" :calls="round.calls" />
        <ol v-if="round.calls.length" class="bg-sheet border-line rounded-xl border">
          <RoundLine
            v-for="call in round.calls"
            :key="call.id"
            :call="call"
            :arrival="arrivals.get(call.id)"
            :business="session?.business"
          />
        </ol>
        <p v-else class="border-line rounded-xl border-2 border-dashed p-8 text-center text-lg">
          Nothing planned. A call that comes in goes on the round with “New call”.
        </p>
        <template v-if="round.leftOpen.length">
          <h2 class="mt-6 mb-2 text-xl">Still open from earlier days</h2>
          <ol class="bg-sheet border-line rounded-xl border">
            <RoundLine v-for="call in round.leftOpen" :key="call.id" :call="call" with-day />
          </ol>
        </template>
      </section>
      <div class="grid gap-4">
        <ToLoad v-if="round.day >= round.today" :round="round" />
        <BringInCall v-if="session?.lead" class="no-print" />
      </div>
    </div>
    <NewCallSheet v-if="round" v-model="adding" :day="round.day" />
  </main>
</template>
