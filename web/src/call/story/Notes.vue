<script setup lang="ts">
import type { Note } from '../../api/types'
import Chips from '../../ui/field/Chips.vue'
import Stepper from '../../ui/field/Stepper.vue'
import Tick from '../../ui/field/Tick.vue'
import { useDraft } from '../../ui/kept/drafts'
import { useCallContext } from '../context'
import { ABOUT } from '../job'

const { call, actions } = useCallContext()
/** The minutes and whether it was proved count for what was done alone. */
const blank = () => ({ about: 'NOTE' as Note['about'], text: '', minutes: 10, proved: false })
const draft = useDraft(`note:${call.value.head.id}`, blank())

async function add() {
  const { about, text, minutes, proved } = draft.value
  const done = about === 'DONE' ? { minutes, proved } : { proved: false }
  const note: Note = { kind: 'note', about, text: text.trim(), ...done }
  if (await actions.write(note)) draft.value = blank()
}
</script>

<template>
  <details v-if="!call.head.closing" class="border-line mt-3 border-t">
    <summary class="min-h-12 cursor-pointer py-2">
      <span class="font-head text-lg font-bold">In your own words</span>
      <span class="text-soft block text-[0.95rem]">a note, or what the know-how does not have</span>
    </summary>
    <form class="grid gap-3 pb-2" @submit.prevent="add">
      <Chips v-model="draft.about" label="What it is" hide-label :options="ABOUT" />
      <label>
        <span class="sr-only">In your own words</span>
        <textarea v-model="draft.text" class="field h-24 py-2" maxlength="300" />
      </label>
      <template v-if="draft.about === 'DONE'">
        <Stepper v-model="draft.minutes" label="Minutes it took" :min="1" :max="600" />
        <Tick v-model="draft.proved" label="It was seen to work after" />
      </template>
      <p v-if="draft.about !== 'NOTE'" class="text-soft text-[0.95rem]">
        It stands in the report, and is put before the lead for the know-how.
      </p>
      <button class="btn" :disabled="actions.busy.value || !draft.text.trim()">Write it down</button>
    </form>
  </details>
</template>
