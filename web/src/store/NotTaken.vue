<script setup lang="ts">
import { nameOf } from '../call/changes'
import { clock, otherDay } from '../ui/text/clocks'
import Sheet from '../ui/Sheet.vue'
import { sendWhatWaits } from './outgoing/enter'
import { refused, retry, settle } from './outgoing/outbox'
import { REASONS } from '../shelf/reasons'
import { doneAt, type Waiting } from './storage'

const open = defineModel<boolean>({ required: true })

const whatOf = (one: Waiting) =>
  one.command
    ? nameOf(one.command.change.kind)
    : `${REASONS[one.move.moving.reason as keyof typeof REASONS]}: ${one.move.moving.count} × ${one.move.part.name}`
const placeOf = (one: Waiting) => (one.command ? `/calls/${one.command.call}` : '/shelf')

async function again(one: Waiting) {
  await retry(one)
  void sendWhatWaits()
}
</script>

<template>
  <Sheet v-model="open" title="Not taken">
    <p v-if="!refused.length">Everything is settled.</p>
    <ul class="grid gap-4">
      <li v-for="one in refused" :key="one.place" class="border-line rounded-lg border-2 p-3">
        <p class="font-semibold">{{ whatOf(one) }}, {{ otherDay(doneAt(one)) }} {{ clock(doneAt(one)) }}</p>
        <p>{{ one.refused!.message }}</p>
        <p v-if="one.command?.change.kind === 'begin'" class="text-soft">
          The call is on this device alone, with all that was entered on it.
        </p>
        <div class="mt-2 flex flex-wrap gap-2">
          <RouterLink class="btn" :to="placeOf(one)" @click="open = false">
            {{ one.command ? 'Look at the call' : 'Look at the shelf' }}
          </RouterLink>
          <button type="button" class="btn" @click="again(one)">Send it again</button>
          <button type="button" class="btn btn-quiet" @click="settle(one)">
            {{ one.command?.change.kind === 'begin' ? 'Let go of the call' : 'Done with it' }}
          </button>
        </div>
      </li>
    </ul>
  </Sheet>
</template>
