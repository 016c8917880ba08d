<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Named } from './sections'

/** Any number of what there is to choose from, in the order chosen. */
const props = defineProps<{ label: string; hint?: string; names: Named[] }>()
const chosen = defineModel<string[]>({ required: true })
const wanted = ref('')

const nameOf = (id: string) => props.names.find((one) => one.id === id)?.name ?? id
const others = computed(() => props.names.filter((one) => !chosen.value.includes(one.id)))
function add() {
  if (wanted.value) chosen.value = [...chosen.value, wanted.value]
  wanted.value = ''
}
</script>

<template>
  <fieldset class="grid gap-1">
    <legend class="font-semibold">{{ label }}</legend>
    <p v-if="hint" class="text-soft text-sm">{{ hint }}</p>
    <ul v-if="chosen.length" class="flex flex-wrap gap-1.5">
      <li v-for="id in chosen" :key="id">
        <button
          type="button"
          class="btn px-2.5 text-left text-[0.95rem]"
          :aria-label="`${label}: leave out ${nameOf(id)}`"
          @click="chosen = chosen.filter((one) => one !== id)"
        >
          {{ nameOf(id) }} <span aria-hidden="true">×</span>
        </button>
      </li>
    </ul>
    <select
      v-if="others.length"
      v-model="wanted"
      class="field"
      :aria-label="`${label}: add one`"
      @change="add"
    >
      <option value="">{{ chosen.length ? 'Add one …' : 'None. Add one …' }}</option>
      <option v-for="one in others" :key="one.id" :value="one.id">{{ one.name }}</option>
    </select>
  </fieldset>
</template>
