<script setup lang="ts">
import { nameOf } from '../call/changes'
import { clock, otherDay } from '../ui/text/clocks'
import Sheet from '../ui/Sheet.vue'
import { sendWhatWaits } from './outgoing/enter'
import { refused, retry, settle } from './outgoing/outbox'
import type { Waiting } from './storage'

const open = defineModel<boolean>({ required: true })

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
        <p class="font-semibold">
          {{ nameOf(one.command.change.kind) }}, {{ otherDay(one.command.at) }} {{ clock(one.command.at) }}
        </p>
        <p>{{ one.refused!.message }}</p>
        <p v-if="one.command.change.kind === 'begin'" class="text-soft">
          The call is on this device alone, with all that was entered on it.
        </p>
        <div class="mt-2 flex flex-wrap gap-2">
          <RouterLink class="btn" :to="`/calls/${one.command.call}`" @click="open = false"
            >Look at the call</RouterLink
          >
          <button type="button" class="btn" @click="again(one)">Send it again</button>
          <button type="button" class="btn btn-quiet" @click="settle(one)">
            {{ one.command.change.kind === 'begin' ? 'Let go of the call' : 'Done with it' }}
          </button>
        </div>
      </li>
    </ul>
  </Sheet>
</template>
