<script setup lang="ts">
import { computed } from 'vue'
import { spotOf, useReplan } from '../board/replan'
import { me } from '../store/held/held'
import type { DayPlan, RoundCall } from '../api/types'
import { clockTime, hours } from '../ui/text/format'
import Notice from '../ui/Notice.vue'

/** An order of what is left of the day that costs less than the one that is planned. */
const props = defineProps<{ plan: DayPlan; calls: RoundCall[] }>()
const better = computed(() => props.plan.better!)
const callsOf = (visit: string) => props.calls.filter((call) => call.visit === visit && !call.closedAt)
const gain = computed(() => {
  const { expected } = props.plan
  const then = better.value.expected
  const parts = [
    [expected.driving - then.driving, 'on the road'],
    [expected.waiting - then.waiting, 'waiting at doors'],
    [expected.late - then.late, 'late'],
    [expected.overtime - then.overtime, 'after hours'],
  ] as const
  return parts.filter(([minutes]) => minutes >= 3).map(([minutes, what]) => `${hours(minutes)} less ${what}`)
})
const replan = useReplan()
const take = () =>
  replan.mutate(
    better.value.visits.flatMap(({ visit, plannedAt }) =>
      callsOf(visit).map((call) => {
        const was = spotOf(call, me().account)
        // What was told stays told: a time counts as that and half an hour more.
        const told = { from: call.plannedAt, until: Math.min(1439, call.plannedAt + 30) }
        return { call: call.id, was, becomes: { ...was, plannedAt, promised: call.promised ?? told } }
      }),
    ),
  )
</script>

<template>
  <section class="border-clean bg-sheet mb-4 rounded-xl border-2 p-4" aria-labelledby="better-title">
    <h2 id="better-title" class="text-xl">Another order saves {{ hours(better.saves) }}</h2>
    <p>{{ gain.join(', ') }}, within what was promised as far as that goes.</p>
    <ol class="my-2">
      <li v-for="one in better.visits" :key="one.visit">
        <b class="font-mono">{{ clockTime(one.plannedAt) }}</b> {{ callsOf(one.visit)[0]?.customer }}
      </li>
    </ol>
    <Notice v-if="replan.error.value" :problem="replan.error.value" @again="take" @dismiss="replan.reset()" />
    <button type="button" class="btn" :disabled="replan.isPending.value" @click="take">
      {{ replan.isPending.value ? 'Planning …' : 'Take this order' }}
    </button>
  </section>
</template>
