<script setup lang="ts">
import { computed } from 'vue'
import type { Customer } from '../api/types'
import { mapOf, telOf } from '../ui/text/links'
import { doorOf } from './data'

/** How a customer is reached, and how one gets to the machine. */
const props = defineProps<{ customer: Customer }>()
const door = computed(() => doorOf(props.customer))
</script>

<template>
  <div>
    <p>
      {{ door.street }}
      <span v-if="customer.elsewhere" class="text-soft block text-sm">
        The machine stands there; the customer’s own address is {{ customer.street }}
      </span>
    </p>
    <p v-if="door.access" class="mt-1"><b>Getting in:</b> {{ door.access }}</p>
    <div class="mt-2 flex flex-wrap gap-2">
      <a v-if="customer.phone" class="btn" :href="telOf(customer.phone)">
        {{ customer.phone }}
      </a>
      <a v-if="customer.email" class="btn min-w-0" :href="`mailto:${customer.email}`">
        <span class="truncate">{{ customer.email }}</span>
      </a>
      <a class="btn" :href="mapOf(door)">Map</a>
    </div>
  </div>
</template>
