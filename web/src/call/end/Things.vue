<script setup lang="ts">
import { ref } from 'vue'
import type { Found, Line } from '../../api/types'
import Chips from '../../ui/field/Chips.vue'
import Stepper from '../../ui/field/Stepper.vue'
import { sendTyped, useDraft } from '../../ui/kept/drafts'
import { useCallContext } from '../context'
import { FATE, SHAPE } from '../job'

/** @param settling only what became of those found, none added */
defineProps<{ settling?: boolean }>()
const { call, actions } = useCallContext()
const text = useDraft(`thing:${call.value.head.id}`, '')
const count = ref(1)

async function add() {
  const thing: Found = { kind: 'found', what: text.value.trim(), count: count.value, fate: 'KEPT' }
  if (thing.what && (await sendTyped(text, () => actions.write(thing)))) count.value = 1
}
const settle = (line: Line<Found>, fate?: Found['fate']) =>
  fate && actions.write({ ...line.what, fate }, line)
</script>

<template>
  <section class="grid gap-2" aria-labelledby="things-title">
    <h3 id="things-title" class="text-lg">The customer’s things</h3>
    <div
      v-for="line in call.job.things"
      :key="line.id"
      class="border-line flex flex-wrap items-center justify-between gap-2 border-b border-dashed pb-2"
    >
      <b>{{ line.what.count }} × {{ line.what.what }}</b>
      <Chips
        v-if="!settling"
        :label="`What it is like: ${line.what.what}`"
        hide-label
        :options="SHAPE"
        :model-value="line.what.shape"
        @update:model-value="actions.write({ ...line.what, shape: $event }, line)"
      />
      <Chips
        :label="`What became of it: ${line.what.what}`"
        hide-label
        :options="FATE"
        :model-value="line.what.fate"
        @update:model-value="settle(line, $event)"
      />
      <button
        type="button"
        class="btn btn-quiet px-2 text-sm"
        :aria-label="`Remove: ${line.what.what}`"
        @click="actions.strike(line)"
      >
        remove
      </button>
    </div>
    <form
      v-if="!settling && !call.head.closing"
      class="flex flex-wrap items-center gap-2"
      @submit.prevent="add"
    >
      <label class="min-w-40 flex-1">
        <span class="sr-only">What was found</span>
        <input v-model="text" class="field" maxlength="80" placeholder="Coin, earring, key …" />
      </label>
      <Stepper v-model="count" label="How many" hide-label :min="1" :max="99" />
      <button class="btn" :disabled="actions.busy.value || !text.trim()">Found</button>
    </form>
  </section>
</template>
