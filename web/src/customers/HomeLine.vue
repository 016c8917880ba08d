<script setup lang="ts">
import type { Home } from '../api/types'

defineProps<{ home: Home }>()
const plate = ({ maker, model }: Home['machines'][number]) => `${maker} ${model}`.trim()
</script>

<template>
  <li class="border-line border-b">
    <RouterLink
      :to="`/customers/${home.customer.id}`"
      class="hover:bg-paper grid min-h-14 items-center gap-x-4 py-2 leading-tight sm:grid-cols-[1fr_1fr]"
    >
      <span>
        <span class="block font-semibold">{{ home.customer.name }}</span>
        <span class="text-soft text-sm">
          {{ home.customer.street }}
          <span v-if="home.customer.phone" class="font-mono whitespace-nowrap">
            · {{ home.customer.phone }}</span
          >
        </span>
      </span>
      <span class="text-sm">
        {{ home.machines.map(plate).join(' · ') || 'No machine yet' }}
      </span>
    </RouterLink>
  </li>
</template>
