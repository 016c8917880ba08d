<script setup lang="ts">
defineProps<{ chance: number }>()
</script>

<template>
  <span class="bg-line/70 block h-2 w-full" aria-hidden="true">
    <span class="grime block h-full" :style="{ width: `${100 * chance}%` }" />
  </span>
</template>
