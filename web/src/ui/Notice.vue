<script setup lang="ts">
import type { Problem } from '../api/problem'

defineProps<{ problem: Problem }>()
defineEmits<{ again: []; dismiss: [] }>()
</script>

<template>
  <div
    role="alert"
    class="border-act bg-sheet flex flex-wrap items-center gap-x-4 gap-y-1 border-l-8 px-4 py-2 text-ink"
  >
    <p class="min-w-48 flex-1 font-semibold">{{ problem.message }}</p>
    <button v-if="problem.passes" type="button" class="btn" @click="$emit('again')">Try again</button>
    <button type="button" class="btn btn-quiet" @click="$emit('dismiss')">Dismiss</button>
  </div>
</template>
