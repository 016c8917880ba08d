<script setup lang="ts">
import { HEIGHT, pathOf, WIDTH } from './strokes'

/** A signature, drawn; what the field shows besides goes into the slot. */
defineProps<{ strokes: string }>()
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img">
    <slot />
    <path
      :d="pathOf(strokes)"
      fill="none"
      stroke="currentColor"
      stroke-width="2"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
  </svg>
</template>
