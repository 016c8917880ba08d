<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import type { GaugeInput, PracticeMeter, Written } from '../api/types'
import MeterSheet from '../readings/MeterSheet.vue'
import Chips from '../ui/field/Chips.vue'
import Stopwatch from './Stopwatch.vue'
import VesselCounter from './VesselCounter.vue'

const props = defineProps<{
  input: GaugeInput
  gauge: string
  meter?: PracticeMeter
  error?: string
  wanted?: string
}>()
const written = defineModel<Written>({ required: true })
const id = useId()
const metering = ref(false)

const text = computed({
  get: () => written.value.text ?? '',
  set: (value: string) => (written.value = { text: value, unit: written.value.unit }),
})
const unit = computed(() => written.value.unit ?? props.input.units[0]!)
const names = computed(() => Object.fromEntries(props.input.options.map(({ id, name }) => [id, name])))
const chosen = computed({
  get: () => written.value.text || props.input.usual,
  set: (value?: string) => (written.value = { text: value }),
})
const note = computed(() => {
  if (props.error) return props.error
  if (text.value || !props.input.usual)
    return props.wanted ?? (props.input.optional ? 'May be left out.' : '')
  if (!props.input.rating) return `Taken as ${props.input.usual}.`
  return props.input.own ? 'This machine’s own.' : 'What is usual.'
})

/** One step up or down, from what stands there or is taken, and never beyond what there can be. */
function move(by: number) {
  const { step, least, most, usual } = props.input
  const from = Number(text.value || usual || least) || 0
  const next = Math.min(most, Math.max(least, Math.round(from / step + by) * step))
  text.value = String(Number(next.toPrecision(6)))
}
</script>

<template>
  <Chips v-if="input.options.length" v-model="chosen" :label="input.name" :options="names" />
  <div v-else>
    <label :for="id" class="mb-1 block leading-tight font-semibold">{{ input.name }}</label>
    <div class="flex items-center gap-2">
      <button
        type="button"
        class="btn w-12 px-0 text-xl"
        :aria-label="`${input.name}: less`"
        @click="move(-1)"
      >
        −
      </button>
      <input
        :id="id"
        v-model="text"
        class="field w-24 min-w-0 flex-1 px-2 text-center font-mono"
        :class="{ 'border-act': error }"
        inputmode="decimal"
        maxlength="12"
        autocomplete="off"
        :placeholder="input.usual"
        :aria-invalid="!!error"
        :aria-describedby="note ? `${id}-note` : undefined"
      />
      <select
        v-if="input.units.length > 1"
        class="field w-24 px-1 font-mono text-sm"
        :aria-label="`${input.name}: unit`"
        :value="unit"
        @change="written = { text, unit: ($event.target as HTMLSelectElement).value }"
      >
        <option v-for="one in input.units" :key="one">{{ one }}</option>
      </select>
      <span v-else class="w-14 shrink-0 font-mono text-sm">{{ unit }}</span>
      <button
        type="button"
        class="btn w-12 px-0 text-xl"
        :aria-label="`${input.name}: more`"
        @click="move(1)"
      >
        +
      </button>
    </div>
    <p
      v-if="note"
      :id="`${id}-note`"
      class="mt-1 text-sm"
      :class="error ? 'text-act font-semibold' : 'text-soft'"
    >
      {{ note }}
    </p>
    <div v-if="!input.usual && !input.optional" class="mt-2 flex flex-wrap gap-2 empty:hidden">
      <Stopwatch
        v-if="input.quantity === 'SECONDS'"
        :watch-key="`${gauge}:${input.id}`"
        @stop="text = $event"
      />
      <VesselCounter
        v-if="input.quantity === 'VOLUME'"
        :unit="unit"
        @add="text = String(Number(((Number(text) || 0) + $event).toFixed(2)))"
      />
      <button v-if="meter" type="button" class="btn" @click="metering = true">From a meter</button>
    </div>
    <MeterSheet
      v-if="meter && metering"
      v-model="metering"
      :at="{ kind: meter.kind, check: meter.check }"
      :name="meter.name"
      :quantity="meter.quantity"
      @take="written = $event"
    />
  </div>
</template>
