<script setup lang="ts">
import { computed, ref } from 'vue'
import type { DueMachine } from '../api/types'
import { useKindNames } from '../api/queries'
import NewCallSheet from '../round/NewCallSheet.vue'
import Chips from '../ui/field/Chips.vue'
import { isoToday } from '../ui/text/clocks'
import { dayName, shiftDay } from '../ui/text/format'
import { telOf } from '../ui/text/links'
import { doorOf } from './data'
import { useDue, useMachine } from './queries'

const AHEAD = { '14': '2 weeks', '42': '6 weeks', '92': '3 months' }
const ahead = ref<keyof typeof AHEAD>('42')
const { data: due } = useDue(() => shiftDay(isoToday(), Number(ahead.value)))
const kindName = useKindNames()
const late = ({ tasks }: DueMachine) => tasks[0]!.day < isoToday()

/** The machine about which a call is begun. */
const chosen = ref<DueMachine>()
const planning = ref(false)
const { data: file } = useMachine(() => chosen.value?.machineId ?? '')
const start = computed(() =>
  chosen.value && file.value?.machine.id === chosen.value.machineId
    ? { customer: chosen.value.customer, machine: file.value.machine, upkeep: true }
    : undefined,
)
function plan(one: DueMachine) {
  chosen.value = one
  planning.value = true
}
</script>

<template>
  <section aria-label="Due">
    <Chips v-model="ahead" label="Due within" :options="AHEAD" class="mb-3" />
    <p v-if="due && !due.complete" role="status" class="mb-2">
      Still being worked out: more may come in a moment.
    </p>
    <ul
      v-if="due?.machines.length"
      role="list"
      class="bg-sheet border-line overflow-hidden rounded-xl border"
    >
      <li
        v-for="one in due.machines"
        :key="one.machineId"
        class="border-line grid gap-x-4 gap-y-1 border-b px-4 py-3 last:border-b-0 sm:grid-cols-[9rem_1fr_auto]"
      >
        <span class="leading-tight" :class="late(one) ? 'text-act font-semibold' : ''">
          {{ late(one) ? 'Overdue since' : 'Due' }}
          <span class="block">{{ dayName(one.tasks[0]!.day) }}</span>
        </span>
        <span class="min-w-0 leading-tight">
          <RouterLink :to="`/machines/${one.machineId}`" class="font-semibold underline decoration-dotted">
            {{ kindName(one.kind) }}, {{ one.maker }} {{ one.model }}
          </RouterLink>
          <span class="text-soft block text-sm">
            {{ one.customer.name }}, {{ doorOf(one.customer).street }}
            <a v-if="one.customer.phone" :href="telOf(one.customer.phone)"> · {{ one.customer.phone }} </a>
          </span>
          <span class="block text-sm">{{ one.tasks.map(({ task }) => task).join(' · ') }}</span>
        </span>
        <RouterLink v-if="one.openCall" :to="`/calls/${one.openCall}`" class="btn self-center">
          Call is planned
        </RouterLink>
        <button v-else type="button" class="btn self-center" @click="plan(one)">Plan a call</button>
      </li>
    </ul>
    <p v-else-if="due" class="py-4">
      Nothing is due in this time. What is due follows from calls that were closed.
    </p>
    <NewCallSheet v-if="start" :key="start.machine.id" v-model="planning" :day="isoToday()" :start="start" />
  </section>
</template>
