<script setup lang="ts" generic="T extends string">
defineProps<{ label: string; options: Record<T, string>; hideLabel?: boolean }>()
/** The one that is chosen; none at first. */
const chosen = defineModel<T>()
</script>

<template>
  <div role="radiogroup" :aria-label="label">
    <p v-if="!hideLabel" class="mb-1 text-[0.95rem] font-semibold" aria-hidden="true">{{ label }}</p>
    <div class="flex flex-wrap gap-1.5">
      <button
        v-for="(name, value) in options"
        :key="value"
        type="button"
        role="radio"
        :aria-checked="chosen === value"
        class="btn px-3"
        :class="{ 'bg-rubber text-white': chosen === value }"
        @click="chosen = value as T"
      >
        {{ name }}
      </button>
    </div>
  </div>
</template>
