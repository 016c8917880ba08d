<script setup lang="ts">
/** Says that calls were planned anew, which can be taken back. */
defineProps<{ calls: number; busy: boolean }>()
defineEmits<{ undo: [] }>()
</script>

<template>
  <p role="status" class="mb-3 flex flex-wrap items-center gap-3">
    Planned anew: {{ calls === 1 ? 'one call' : `${calls} calls` }}.
    <button type="button" class="btn" :disabled="busy" @click="$emit('undo')">Undo</button>
  </p>
</template>
