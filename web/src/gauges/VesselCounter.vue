<script setup lang="ts">
import { ref } from 'vue'
import Stepper from '../ui/field/Stepper.vue'

/** Litres or gallons by full vessels, each counted as it is emptied. */
defineProps<{ unit: string }>()
const emit = defineEmits<{ add: [vessel: number] }>()
const vessel = ref(1)
const counting = ref(false)
</script>

<template>
  <button v-if="!counting" type="button" class="btn" @click="counting = true">Count bowls</button>
  <div v-else class="flex flex-wrap items-center gap-2">
    <Stepper v-model="vessel" label="A bowl holds" hide-label :min="0.1" :max="30" :step="0.5" :unit="unit" />
    <button type="button" class="btn btn-act" @click="emit('add', vessel)">One more full</button>
  </div>
</template>
