<script setup lang="ts">
import { computed, useId } from 'vue'

defineProps<{ label: string }>()
/** How far a passage is open, 0 to 1; none while it is not judged. */
const share = defineModel<number>()
const id = useId()
const tenths = computed({
  get: () => Math.round(10 * (share.value ?? 0)),
  set: (value: number | string) => (share.value = Number(value) / 10),
})
</script>

<template>
  <div class="grid grid-cols-[auto_1fr_auto] items-center gap-x-3">
    <svg viewBox="-11 -11 22 22" class="row-span-2 size-12" aria-hidden="true">
      <circle r="10" class="fill-grime" />
      <circle :r="10 * Math.sqrt(share ?? 0)" class="fill-sheet" />
      <circle r="10" fill="none" stroke-width="2" class="stroke-edge" />
    </svg>
    <label :for="id" class="text-[0.95rem] font-semibold">{{ label }}</label>
    <output :for="id" class="font-mono text-sm font-semibold">{{
      share === undefined ? 'not judged' : `${Math.round(100 * share)}%`
    }}</output>
    <input
      :id="id"
      v-model="tenths"
      type="range"
      min="0"
      max="10"
      class="accent-act col-span-2 h-12 w-full"
      @click="tenths = tenths"
    />
  </div>
</template>
