<script setup lang="ts">
import { computed } from 'vue'
import type { Instruction } from '../../api/types'
import { DRAWINGS, type Drawing } from '../../ui/drawing/drawings'
import LineDrawing from '../../ui/drawing/LineDrawing.vue'
import TextField from '../../ui/field/TextField.vue'

/** The steps of a method; in the file one that is only a text is just that. */
type Written = string | Instruction

defineProps<{ label: string; hint?: string }>()
const written = defineModel<Written[]>({ required: true })
const steps = computed<Instruction[]>(() =>
  written.value.map((step) => (typeof step === 'string' ? { text: step } : step)),
)

const MORE = [
  { member: 'why', label: 'Why' },
  { member: 'use', label: 'A tool or consumable of this step, and how much' },
  { member: 'stopIf', label: 'Stop if' },
] as const

function plain(step: Instruction): Written {
  const said = Object.entries(step).filter(([, text]) => text)
  return said.length > 1 ? (Object.fromEntries(said) as Instruction) : step.text
}
function set(all: Instruction[]) {
  written.value = all.map(plain)
}
const change = (place: number, members: Partial<Instruction>) =>
  set(steps.value.map((step, i) => (i === place ? { ...step, ...members } : step)))
function up(place: number) {
  const all = [...steps.value]
  all.splice(place - 1, 0, ...all.splice(place, 1))
  set(all)
}
</script>

<template>
  <fieldset class="grid gap-2">
    <legend class="font-semibold">{{ label }}</legend>
    <p v-if="hint" class="text-soft text-sm">{{ hint }}</p>
    <div v-for="(step, i) in steps" :key="i" class="border-line grid gap-1 border-l-4 pl-3">
      <textarea
        class="field leading-snug"
        rows="3"
        maxlength="300"
        required
        :aria-label="`Step ${i + 1}`"
        :value="step.text"
        @input="change(i, { text: ($event.target as HTMLTextAreaElement).value })"
      />
      <details :open="!!(step.why || step.use || step.stopIf || step.minutes || step.drawing)">
        <summary class="min-h-12 cursor-pointer py-3 text-sm">
          Why, what with, when to stop, how long, a drawing
        </summary>
        <TextField
          v-for="more in MORE"
          :key="more.member"
          class="mb-2"
          :label="more.label"
          :model-value="step[more.member] ?? ''"
          maxlength="300"
          @update:model-value="change(i, { [more.member]: $event })"
        />
        <TextField
          class="mb-2"
          label="Minutes of this step alone"
          type="number"
          min="0"
          max="600"
          step="any"
          :model-value="String(step.minutes ?? '')"
          @update:model-value="change(i, { minutes: Number($event) || undefined })"
        />
        <label class="mb-2 grid gap-1">
          <span class="font-semibold">Drawing</span>
          <select
            class="field"
            :value="step.drawing ?? ''"
            @change="
              change(i, { drawing: (($event.target as HTMLSelectElement).value as Drawing) || undefined })
            "
          >
            <option value="">none</option>
            <option v-for="({ alt }, drawing) in DRAWINGS" :key="drawing" :value="drawing">{{ alt }}</option>
          </select>
        </label>
        <LineDrawing v-if="step.drawing" :drawing="step.drawing" />
      </details>
      <div class="-ml-4 flex flex-wrap">
        <button v-if="i" type="button" class="btn btn-quiet text-sm" @click="up(i)">
          Step {{ i + 1 }} before step {{ i }}
        </button>
        <button
          type="button"
          class="btn btn-quiet text-sm"
          @click="set(steps.filter((_, place) => place !== i))"
        >
          Leave out step {{ i + 1 }}
        </button>
      </div>
    </div>
    <button type="button" class="btn justify-self-start" @click="set([...steps, { text: '' }])">
      One more step
    </button>
  </fieldset>
</template>
