<script setup lang="ts">
import { computed } from 'vue'
import TextField from '../../ui/field/TextField.vue'
import { useDraft } from '../../ui/kept/drafts'
import { clockTime, isoDay } from '../../ui/text/format'
import { useCallContext } from '../context'

const { call, actions } = useCallContext()
const draft = useDraft(`another-day:${call.value.head.id}:${call.value.head.day}`, {
  day: isoDay(call.value.head.day + 1),
  at: clockTime(call.value.head.plannedAt),
  until: '',
})
/** What dries now, and whether it will be dry by then. */
const drying = computed(() =>
  call.value.close.tray.wayBack
    .filter((step) => step.state === 'DRIES')
    .map((step) => call.value.job.pieces.find(({ what }) => what.id === step.piece)!.what)
    .map(({ name, dryUntil }) => ({
      name,
      dry: dryUntil <= Date.parse(`${draft.value.day}T${draft.value.at}`),
    })),
)
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
