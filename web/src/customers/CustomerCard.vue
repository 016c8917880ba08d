<script setup lang="ts">
import type { Customer } from '../api/types'
import { mapOf, telOf } from '../ui/text/links'

/** How a customer is reached. */
defineProps<{ customer: Customer }>()
</script>

<template>
  <div>
    <p>{{ customer.street }}</p>
    <p v-if="customer.access" class="mt-1"><b>Getting in:</b> {{ customer.access }}</p>
    <div class="mt-2 flex flex-wrap gap-2">
      <a v-if="customer.phone" class="btn" :href="telOf(customer.phone)">
        {{ customer.phone }}
      </a>
      <a v-if="customer.email" class="btn min-w-0" :href="`mailto:${customer.email}`">
        <span class="truncate">{{ customer.email }}</span>
      </a>
      <a class="btn" :href="mapOf(customer)">Map</a>
    </div>
  </div>
</template>
