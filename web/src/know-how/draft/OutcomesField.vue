<script setup lang="ts">
import TextField from '../../ui/field/TextField.vue'
import ChancesField from './ChancesField.vue'
import ChoicesField from './ChoicesField.vue'
import { idOf, type Named, type Outcome } from './sections'

/** The answers that a check can have, in order of precedence. */
defineProps<{ label: string; hint?: string; faults: Named[] }>()
const outcomes = defineModel<Outcome[]>({ required: true })

function change(place: number, members: Partial<Outcome>) {
  outcomes.value = outcomes.value.map((outcome, i) => (i === place ? { ...outcome, ...members } : outcome))
}
const some = <T extends object>(value: T) => (Object.keys(value).length ? value : undefined)

/** Before the last one, which is seen when nothing is wrong. */
function add() {
  const id = idOf(
    'answer',
    outcomes.value.map((one) => one.id),
  )
  const all = [...outcomes.value]
  all.splice(Math.max(0, all.length - 1), 0, { id, name: '' })
  outcomes.value = all
}
</script>

<template>
  <fieldset class="grid gap-2">
    <legend class="font-semibold">{{ label }}</legend>
    <p v-if="hint" class="text-soft text-sm">{{ hint }}</p>
    <div
      v-for="(outcome, i) in outcomes"
      :key="outcome.id"
      class="border-line grid gap-2 border-l-4 pl-3"
      role="group"
      :aria-label="`Answer ${i + 1}`"
    >
      <TextField
        :label="`Answer ${i + 1}`"
        :model-value="outcome.name"
        maxlength="300"
        @update:model-value="change(i, { name: $event })"
      />
      <template v-if="i < outcomes.length - 1">
        <ChoicesField
          :label="`“${outcome.name || i + 1}” shows`"
          :names="faults"
          :model-value="outcome.shows ?? []"
          @update:model-value="change(i, { shows: some($event) })"
        />
        <ChancesField
          :label="`“${outcome.name || i + 1}” is seen less surely with`"
          :names="faults"
          :model-value="outcome.causes ?? {}"
          @update:model-value="change(i, { causes: some($event) })"
        />
      </template>
      <p v-else class="text-soft text-sm">Seen when none of the others is.</p>
      <button
        v-if="outcomes.length > 2"
        type="button"
        class="btn btn-quiet -ml-4 justify-self-start text-sm"
        @click="outcomes = outcomes.filter((_, place) => place !== i)"
      >
        Leave out answer {{ i + 1 }}
      </button>
    </div>
    <button type="button" class="btn justify-self-start" @click="add">One more answer</button>
  </fieldset>
</template>
