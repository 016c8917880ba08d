<script setup lang="ts">
import { useRing } from './useRing'

const { shown } = useRing()
</script>

<template>
  <ul v-if="shown.gaps.length" class="desk:mt-2 mt-1 mb-2" aria-label="What is missing">
    <li
      v-for="gap in shown.gaps"
      :key="gap.text"
      class="border-line desk:border-t flex items-center gap-2 border-dashed py-1 text-[0.95rem]"
    >
      <svg viewBox="-9 -9 18 18" class="stroke-act size-4 shrink-0" aria-hidden="true">
        <path d="M4 -5A6.5 6.5 0 1 0 4 5" fill="none" stroke-width="4" />
      </svg>
      {{ gap.text }}
    </li>
  </ul>
</template>
