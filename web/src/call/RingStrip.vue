<script setup lang="ts">
import { useRing } from './useRing'

const { segments } = useRing()
</script>

<template>
  <ol class="flex gap-1">
    <li v-for="segment in segments" :key="segment.stage" class="min-w-0 flex-1">
      <span
        class="block h-3 rounded-sm"
        :class="{
          'bg-rubber ring-1 ring-[#8a9192] ring-inset': segment.state === 'sealed',
          'bg-act': segment.state === 'current',
          hatched: segment.state === 'open',
        }"
      />
      <span
        class="block truncate text-xs"
        :class="segment.state === 'current' ? 'text-act font-bold' : 'text-ink'"
        >{{ segment.title }}<span class="sr-only">{{ segment.sealed ? ', sealed' : ', open' }}</span></span
      >
    </li>
  </ol>
</template>
