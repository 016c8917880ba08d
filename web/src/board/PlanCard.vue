<script setup lang="ts">
import { computed } from 'vue'
import type { Board, Proposal, Replanned } from '../api/types'
import { clockTime, daysSince1970, hours, worked } from '../ui/text/format'
import { NOBODY } from '../ui/nobody'
import type { Change } from './replan'

/** What a plan of everybody's day together would change, and what for. */
const props = defineProps<{ proposal: Proposal; board: Board; busy: boolean }>()
const emit = defineEmits<{ take: [changes: Change[]]; leave: [] }>()

const calls = computed(() => [...props.board.lanes.flatMap((lane) => lane.calls), ...props.board.nobody])
const nameOf = (account: string) =>
  account === NOBODY ? 'nobody' : (props.board.lanes.find((lane) => lane.account === account)?.name ?? '')
const callOf = (move: Replanned) => calls.value.find(({ id }) => id === move.call)
const others = computed(() => props.proposal.moves.filter(({ from, to }) => from !== to))
const times = computed(() => props.proposal.moves.length - others.value.length)
const SUMS = {
  driving: 'On the road',
  late: 'Late at doors',
  overtime: 'After hours',
  work: 'Work, return visits included',
} as const
const rows = computed(() =>
  (Object.keys(SUMS) as (keyof typeof SUMS)[]).map((name) => ({
    name: SUMS[name],
    before: props.proposal.before[name],
    after: props.proposal.after[name],
  })),
)
const shown = (minutes: number) => (minutes < 3 ? '0' : worked(minutes))
const changes = (): Change[] =>
  props.proposal.moves.map(({ call, from, to, fromDay, fromMinute, plannedAt, promised }) => ({
    call,
    was: {
      account: from,
      day: fromDay,
      plannedAt: fromMinute,
      promised: calls.value.find(({ id }) => id === call)?.promised,
    },
    becomes: { account: to, day: daysSince1970(props.board.day), plannedAt, promised },
  }))
</script>

<template>
  <section class="border-rubber bg-sheet mb-4 rounded-xl border-2 p-4" aria-labelledby="plan-title">
    <h2 id="plan-title" class="text-xl">
      {{ proposal.moves.length ? 'A plan for everybody' : 'No plan is better than this one' }}
    </h2>
    <table v-if="proposal.moves.length" class="mt-2 text-left">
      <thead>
        <tr class="text-sm">
          <th class="pr-6 font-semibold">Over everybody</th>
          <th class="pr-6 font-semibold">Now</th>
          <th class="font-semibold">Then</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.name">
          <th class="pr-6 font-normal">{{ row.name }}</th>
          <td class="pr-6 tabular-nums">{{ shown(row.before) }}</td>
          <td class="font-semibold tabular-nums" :class="row.after < row.before - 3 ? 'text-clean' : ''">
            {{ shown(row.after) }}
          </td>
        </tr>
        <tr v-if="proposal.before.unplanned">
          <th class="pr-6 font-normal">Visits that nobody has</th>
          <td class="pr-6 tabular-nums">{{ proposal.before.unplanned }}</td>
          <td class="text-clean font-semibold tabular-nums">{{ proposal.after.unplanned }}</td>
        </tr>
      </tbody>
    </table>
    <ul class="mt-2">
      <li v-for="move in others" :key="move.call" class="border-line border-t border-dashed py-1">
        <b>{{ callOf(move)?.customer }}</b>, {{ callOf(move)?.complaint || 'upkeep' }}: from
        {{ nameOf(move.from) }} to <b>{{ nameOf(move.to) }}</b>, {{ clockTime(move.plannedAt) }}
        <span v-if="move.saves >= 1" class="text-clean font-semibold">· saves {{ hours(move.saves) }}</span>
      </li>
      <li v-if="times" class="border-line border-t border-dashed py-1">
        {{ times === 1 ? 'One more call gets' : `${times} more calls get` }} another time within what was
        promised.
      </li>
    </ul>
    <p class="text-soft mt-2 text-sm">
      Reckoned from promised windows, minutes expected by the diagnosis, what lies on each van, who is
      qualified, and driving as the crow flies with a detour (estimate). Customers are not told by it.
    </p>
    <div class="mt-3 flex flex-wrap gap-2">
      <button
        v-if="proposal.moves.length"
        type="button"
        class="btn btn-act"
        :disabled="busy"
        @click="emit('take', changes())"
      >
        {{ busy ? 'Planning …' : 'Take this plan' }}
      </button>
      <button type="button" class="btn btn-quiet" @click="emit('leave')">
        {{ proposal.moves.length ? 'Leave it' : 'Close' }}
      </button>
    </div>
  </section>
</template>
