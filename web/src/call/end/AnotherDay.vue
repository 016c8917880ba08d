<script setup lang="ts">
import { computed } from 'vue'
import TextField from '../../ui/field/TextField.vue'
import { useDraft } from '../../ui/kept/drafts'
import { useOpenOrders } from '../../shelf/queries'
import { dayOf } from '../../ui/text/clocks'
import { clockTime, dayName, daysSince1970, isoDay } from '../../ui/text/format'
import { useCallContext } from '../context'
import { waitsFor } from './waitsFor'

const { call, actions } = useCallContext()
const draft = useDraft(`another-day:${call.value.head.id}:${call.value.head.day}`, {
  day: isoDay(call.value.head.day + 1),
  at: clockTime(call.value.head.plannedAt),
  until: '',
})
/** The first day on which something is dry at the chosen time. */
function dryOn(until: number) {
  const day = dayOf(until)
  return Date.parse(`${day}T${draft.value.at}`) < until ? isoDay(daysSince1970(day) + 1) : day
}
/** What dries now, and whether it will be dry by then. */
const drying = computed(() =>
  call.value.close.tray.wayBack
    .filter((step) => step.state === 'DRIES')
    .map((step) => call.value.job.pieces.find(({ what }) => what.id === step.piece)!.what)
    .map(({ name, dryUntil }) => ({
      name,
      dry: dryUntil <= Date.parse(`${draft.value.day}T${draft.value.at}`),
      from: dryOn(dryUntil),
    })),
)
const { data: orders } = useOpenOrders(() => call.value.parts.some(({ source }) => source === 'ORDERED'))
const parts = computed(() => waitsFor(call.value.parts, call.value.shelf, orders.value))
/** When all that is waited for is there and dry; none while nobody knows, or where it is so on the chosen day. */
const ready = computed(() => {
  if (parts.value.some(({ open }) => open)) return
  const days = [...parts.value.map(({ from }) => from ?? ''), ...drying.value.map(({ from }) => from)]
  const last = days.sort().at(-1)
  return last && last > draft.value.day ? last : undefined
})
</script>

<template>
  <details class="border-line rounded-lg border-2 px-3 py-1">
    <summary class="min-h-12 cursor-pointer py-3 font-semibold">Come back another day</summary>
    <form class="grid gap-3 pb-2" @submit.prevent="actions.move(call.head, draft.day, draft.at, draft.until)">
      <p>The call stays open and goes on that day, with the tray as it lies.</p>
      <p
        v-for="piece in drying"
        :key="piece.name"
        :class="piece.dry ? 'text-clean' : 'text-act'"
        class="font-semibold"
      >
        {{ piece.name }}: {{ piece.dry ? 'dry by then' : 'still wet then' }}
      </p>
      <p
        v-for="part in parts"
        :key="part.id"
        :class="part.open || (part.from ?? '') > draft.day ? 'text-act' : 'text-clean'"
        class="font-semibold"
      >
        {{ part.name }}: {{ part.says }}
      </p>
      <button v-if="ready" type="button" class="btn" @click="draft.day = ready">
        All is there from {{ dayName(ready) }}: take that day
      </button>
      <div class="grid grid-cols-2 gap-3">
        <TextField v-model="draft.day" label="Day" type="date" required />
        <TextField v-model="draft.at" label="Time" type="time" required />
        <TextField
          v-model="draft.until"
          label="Promised until"
          type="time"
          hint="If a window was promised"
          class="col-span-2"
        />
      </div>
      <button class="btn" :disabled="actions.busy.value">Move it there</button>
    </form>
  </details>
</template>
