<script setup lang="ts">
import type { Quantity } from '../api/types'
import type { MeterAt } from '../store/held/meters'
import Sheet from '../ui/Sheet.vue'
import MeterPanel from './MeterPanel.vue'
import type { Taken } from './useMeter'

defineProps<{ at: MeterAt; name: string; quantity: Quantity }>()
const emit = defineEmits<{ take: [taken: Taken] }>()
const open = defineModel<boolean>({ required: true })

function take(taken: Taken) {
  open.value = false
  emit('take', taken)
}
</script>

<template>
  <Sheet v-model="open" :title="name">
    <MeterPanel :at="at" :name="name" :quantity="quantity" @take="take" />
  </Sheet>
</template>
