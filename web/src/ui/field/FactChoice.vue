<script setup lang="ts">
import { useId } from 'vue'
import type { Fact } from '../../api/types'

defineProps<{ fact: Fact; disabled?: boolean }>()
/** Id of what is known; none if nothing is. */
const choice = defineModel<string>()
const id = useId()
</script>

<template>
  <div
    class="border-line flex min-h-12 items-center justify-between gap-3 border-b border-dashed py-1 last:border-b-0"
  >
    <label :for="id" class="text-[0.95rem] leading-tight">{{ fact.name }}</label>
    <select
      :id="id"
      class="border-edge min-h-12 max-w-[55%] rounded-lg border-2 bg-paper px-2 text-[0.95rem]"
      :class="choice ? 'font-semibold' : 'text-soft'"
      :value="choice ?? ''"
      :disabled="disabled"
      :title="fact.ask"
      @change="choice = ($event.target as HTMLSelectElement).value || undefined"
    >
      <option value="">not known</option>
      <option v-for="one in fact.choices" :key="one.id" :value="one.id">{{ one.name }}</option>
    </select>
  </div>
</template>
