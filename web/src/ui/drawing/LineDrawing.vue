<script setup lang="ts">
import { DRAWINGS, type Drawing } from './drawings'

defineProps<{ drawing: Drawing }>()
</script>

<template>
  <img
    :src="DRAWINGS[drawing].src"
    :alt="DRAWINGS[drawing].alt"
    width="200"
    height="130"
    class="bg-sheet border-line my-1 block rounded border"
  />
</template>
