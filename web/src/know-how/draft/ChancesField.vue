<script setup lang="ts">
import { computed, useId } from 'vue'
import AddOne from './AddOne.vue'
import type { Named } from './sections'

/** Ids with a chance each, shown in percent. */
const props = defineProps<{ label: string; hint?: string; names: Named[] }>()
const chances = defineModel<Record<string, number>>({ required: true })
const id = useId()

const rows = computed(() =>
  Object.entries(chances.value).map(([key, chance]) => ({
    id: key,
    name: props.names.find((one) => one.id === key)?.name ?? key,
    percent: Number((100 * chance).toFixed(4)),
  })),
)
const others = computed(() => props.names.filter((one) => !(one.id in chances.value)))

function set(key: string, text: string) {
  chances.value = { ...chances.value, [key]: Number(text) / 100 }
}
function drop(key: string) {
  chances.value = Object.fromEntries(Object.entries(chances.value).filter(([one]) => one !== key))
}
</script>

<template>
  <fieldset class="grid gap-1">
    <legend class="font-semibold">{{ label }}</legend>
    <p v-if="hint" class="text-soft text-sm">{{ hint }}</p>
    <div v-for="row in rows" :key="row.id" class="grid grid-cols-[1fr_auto_auto] items-center gap-x-2">
      <label :for="`${id}-${row.id}`" class="leading-tight">{{ row.name }}</label>
      <span class="flex items-center gap-1">
        <input
          :id="`${id}-${row.id}`"
          class="field w-24 text-right font-mono"
          type="number"
          min="0.01"
          max="99.99"
          step="any"
          required
          :value="row.percent"
          @change="set(row.id, ($event.target as HTMLInputElement).value)"
        />
        %
      </span>
      <button
        type="button"
        class="btn btn-quiet px-2 text-sm"
        :aria-label="`${label}: leave out ${row.name}`"
        @click="drop(row.id)"
      >
        leave out
      </button>
    </div>
    <AddOne
      :label="label"
      :names="others"
      :empty="!rows.length"
      @add="chances = { ...chances, [$event]: 0.5 }"
    />
  </fieldset>
</template>
