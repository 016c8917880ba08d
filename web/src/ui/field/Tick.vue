<script setup lang="ts">
defineProps<{ label: string; disabled?: boolean }>()
/** Whether it was seen. */
const seen = defineModel<boolean>({ required: true })
</script>

<template>
  <button
    type="button"
    role="checkbox"
    :aria-checked="seen"
    class="btn w-full justify-start px-3 text-left leading-tight"
    :class="{ 'border-clean text-clean': seen }"
    :disabled="disabled"
    @click="seen = !seen"
  >
    <span
      class="flex size-6 shrink-0 items-center justify-center border-2 border-current"
      aria-hidden="true"
      >{{ seen ? '✓' : '' }}</span
    >
    {{ label }}
  </button>
</template>
