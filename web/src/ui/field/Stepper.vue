<script setup lang="ts">
const props = withDefaults(
  defineProps<{
    label: string
    min?: number
    max?: number
    step?: number
    unit?: string
    hideLabel?: boolean
  }>(),
  { min: 0, max: 999, step: 1 },
)
/** A number that a glove can count up and down, and a keyboard can type. */
const value = defineModel<number>({ required: true })

const move = (by: number) => {
  const next = (Number(value.value) || 0) + by * props.step
  value.value = Math.round(1000 * Math.min(props.max, Math.max(props.min, next))) / 1000
}
</script>

<template>
  <div class="flex items-center gap-2">
    <button type="button" class="btn w-12 px-0 text-xl" :aria-label="`${label}: less`" @click="move(-1)">
      −
    </button>
    <label class="flex items-center gap-1">
      <span :class="hideLabel ? 'sr-only' : 'order-1 text-[0.95rem] leading-tight'">{{ label }}</span>
      <input
        v-model.number="value"
        type="number"
        :min="min"
        :max="max"
        step="any"
        inputmode="decimal"
        class="field w-18 px-1 text-center font-mono"
      />
    </label>
    <span v-if="unit" class="font-mono text-sm">{{ unit }}</span>
    <button type="button" class="btn w-12 px-0 text-xl" :aria-label="`${label}: more`" @click="move(1)">
      +
    </button>
  </div>
</template>
