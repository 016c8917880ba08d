<script setup lang="ts">
defineProps<{ label: string; title: string }>()
</script>

<template>
  <div class="bg-rubber relative px-4 pt-3 pb-4 text-white">
    <p class="label-read text-[#f2b49b]">{{ label }} <slot name="label" /></p>
    <h2 tabindex="-1" class="mt-1 text-2xl leading-tight outline-none">{{ title }}</h2>
    <slot />
  </div>
</template>
