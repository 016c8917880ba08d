<script setup lang="ts">
import TrailOfAll from './TrailOfAll.vue'
</script>

<template>
  <TrailOfAll class="max-w-2xl" />
</template>
