<script setup lang="ts">
import { computed } from 'vue'
import type { Arrival, RoundCall } from '../api/types'
import { clock } from '../ui/text/clocks'
import { clockTime, dayName, isoDay, minutes, percent } from '../ui/text/format'
import GrimeBar from '../ui/GrimeBar.vue'
import Expected from './Expected.vue'

const props = defineProps<{
  call: RoundCall
  withDay?: boolean
  /** When somebody is expected there; nothing for a call that is under way or closed, or not the first of its visit. */
  arrival?: Arrival
  business?: string
}>()
const state = computed(() => {
  const { cancelled, closedAt, stepsTaken } = props.call
  if (cancelled) return 'Cancelled'
  if (closedAt) return `✓ ${clock(closedAt)}`
  return stepsTaken ? 'Begun' : 'To do'
})
</script>

<template>
  <li class="border-line border-b last:border-b-0">
    <RouterLink
      :to="`/calls/${call.id}`"
      class="hover:bg-paper grid grid-cols-[4.5rem_1fr] gap-x-3 gap-y-1 px-3 py-3 sm:grid-cols-[5rem_1fr_14rem] sm:px-5"
    >
      <span>
        <span class="block font-mono text-lg font-semibold">{{ clockTime(call.plannedAt) }}</span>
        <span v-if="call.promised" class="text-soft block text-xs leading-tight">
          promised {{ clockTime(call.promised.from) }}–{{ clockTime(call.promised.until) }}
        </span>
        <span
          class="mt-1 inline-block rounded px-1.5 py-0.5 text-sm font-semibold"
          :class="
            call.cancelled
              ? 'border-edge border'
              : call.closedAt
                ? 'bg-clean text-on-tone'
                : call.stepsTaken
                  ? 'bg-rubber text-white'
                  : 'hatched'
          "
          >{{ state }}</span
        >
      </span>
      <span class="min-w-0">
        <span
          class="font-head block text-lg leading-tight font-bold"
          :class="{ 'text-soft': call.closedAt }"
          >{{ call.complaint || 'Upkeep' }}</span
        >
        <span class="text-soft block">
          {{ call.customer }}, {{ call.street
          }}<template v-if="withDay"> · {{ dayName(isoDay(call.day)) }}</template>
        </span>
        <span class="text-soft block text-sm">{{ call.kind }} · {{ call.maker }} {{ call.model }}</span>
      </span>
      <span class="col-start-2 sm:col-start-3">
        <template v-if="call.likeliest">
          <span class="flex items-baseline justify-between gap-2">
            <span class="leading-tight">{{ call.likeliest }}</span>
            <span class="font-mono text-sm font-semibold whitespace-nowrap">{{ percent(call.chance) }}</span>
          </span>
          <GrimeBar :chance="call.chance" class="my-1" />
        </template>
        <span v-else class="text-soft block">{{
          call.upkeep ? 'What is due, from outside in' : 'Nothing known yet'
        }}</span>
        <span v-if="!call.closedAt" class="text-soft font-mono text-sm"
          >about {{ minutes(call.minutes) }}</span
        >
      </span>
    </RouterLink>
    <Expected v-if="arrival && business" :call="call" :arrival="arrival" :business="business" />
  </li>
</template>
