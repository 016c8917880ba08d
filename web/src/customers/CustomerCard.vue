<script setup lang="ts">
import { computed } from 'vue'
import type { Customer } from '../api/types'

/** How a customer is reached. */
const props = defineProps<{ customer: Customer }>()
const map = computed(() => {
  const { at, street } = props.customer
  const where = at ? `${at.latitude},${at.longitude}` : '0,0'
  return `geo:${where}?q=${encodeURIComponent(at ? `${where}(${street})` : street)}`
})
</script>

<template>
  <div>
    <p>{{ customer.street }}</p>
    <p v-if="customer.access" class="mt-1"><b>Getting in:</b> {{ customer.access }}</p>
    <div class="mt-2 flex flex-wrap gap-2">
      <a v-if="customer.phone" class="btn" :href="`tel:${customer.phone.replaceAll(' ', '')}`">
        {{ customer.phone }}
      </a>
      <a v-if="customer.email" class="btn min-w-0" :href="`mailto:${customer.email}`">
        <span class="truncate">{{ customer.email }}</span>
      </a>
      <a class="btn" :href="map">Map</a>
    </div>
  </div>
</template>
