<script setup lang="ts">
import { computed } from 'vue'
import AddOne from './AddOne.vue'
import type { Named } from './sections'

/** Any number of what there is to choose from, in the order chosen. */
const props = defineProps<{ label: string; hint?: string; names: Named[] }>()
const chosen = defineModel<string[]>({ required: true })

const nameOf = (id: string) => props.names.find((one) => one.id === id)?.name ?? id
const others = computed(() => props.names.filter((one) => !chosen.value.includes(one.id)))
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
    <AddOne :label="label" :names="others" :empty="!chosen.length" @add="chosen = [...chosen, $event]" />
  </fieldset>
</template>
