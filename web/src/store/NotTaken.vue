<script setup lang="ts">
import type { CallChange } from '../api/types'
import { clock, otherDay } from '../ui/format'
import Sheet from '../ui/Sheet.vue'
import { sendWhatWaits } from './enter'
import { refused, retry, settle } from './outbox'
import type { Waiting } from './storage'

const open = defineModel<boolean>({ required: true })

const NAMES: Record<CallChange['kind'], string> = {
  begin: 'New call',
  settle: 'What was seen or done',
  correct: 'A correction',
  'take-reading': 'A reading',
  'retake-reading': 'A reading, taken again',
  'take-back': 'Something taken back',
  'see-fault': 'A fault seen on the way',
  'use-part': 'A part used',
  'put-back': 'A part put back',
  'describe-part': 'A part’s serial number',
  write: 'A line of the job sheet',
  strike: 'A line struck out',
  'lay-down': 'Pieces on the tray',
  'add-photo': 'A photo',
  'remove-photo': 'A photo removed',
  fit: 'What is fitted',
  rate: 'The machine’s plate',
  confirm: 'A caution confirmed',
  unconfirm: 'A caution not confirmed',
  complain: 'A complaint',
  withdraw: 'A complaint withdrawn',
  move: 'Another day',
  close: 'The call closed',
  reopen: 'The call opened again',
}

async function again(one: Waiting) {
  await retry(one)
  sendWhatWaits()
}
</script>

<template>
  <Sheet v-model="open" title="Not taken">
    <p v-if="!refused.length">Everything is settled.</p>
    <ul class="grid gap-4">
      <li v-for="one in refused" :key="one.place" class="border-line rounded-lg border-2 p-3">
        <p class="font-semibold">
          {{ NAMES[one.command.change.kind] }}, {{ otherDay(one.command.at) }} {{ clock(one.command.at) }}
        </p>
        <p>{{ one.refused!.message }}</p>
        <div class="mt-2 flex flex-wrap gap-2">
          <RouterLink
            v-if="one.command.change.kind !== 'begin'"
            class="btn"
            :to="`/calls/${one.command.call}`"
            @click="open = false"
            >Look at the call</RouterLink
          >
          <button type="button" class="btn" @click="again(one)">Send it again</button>
          <button type="button" class="btn btn-quiet" @click="settle(one)">Done with it</button>
        </div>
      </li>
    </ul>
  </Sheet>
</template>
