<script setup lang="ts">
import type { Pack } from '../../api/types'
import { addressName } from './numbers'

defineProps<{ pack: Pack; numbers: { address: string; value: string }[] }>()
</script>

<template>
  <ul class="gap-x-8 md:columns-2">
    <li
      v-for="number in numbers"
      :key="number.address"
      class="border-line flex break-inside-avoid items-baseline justify-between gap-3 border-b border-dashed py-1 leading-tight"
    >
      <span>{{ addressName(pack, number.address) }}</span>
      <b class="font-mono text-sm">{{ number.value }}</b>
    </li>
  </ul>
</template>
