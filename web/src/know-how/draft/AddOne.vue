<script setup lang="ts">
import { ref } from 'vue'
import type { Named } from './sections'

/** One more of what there is to choose from. */
defineProps<{ label: string; names: Named[]; empty?: boolean }>()
const emit = defineEmits<{ add: [id: string] }>()
const wanted = ref('')

function add() {
  if (wanted.value) emit('add', wanted.value)
  wanted.value = ''
}
</script>

<template>
  <select v-if="names.length" v-model="wanted" class="field" :aria-label="`${label}: add one`" @change="add">
    <option value="">{{ empty ? 'None. Add one …' : 'Add one …' }}</option>
    <option v-for="one in names" :key="one.id" :value="one.id">{{ one.name }}</option>
  </select>
</template>
