<script setup lang="ts">
import { computed } from 'vue'
import { useRing } from './useRing'

const { segments, current } = useRing()
const gaps = computed(() => segments.value.find((s) => s.stage === current.value)?.gaps ?? [])
</script>

<template>
  <ul v-if="gaps.length" class="desk:mt-2 mt-1 mb-2" aria-label="What is missing">
    <li
      v-for="gap in gaps"
      :key="gap"
      class="border-line desk:border-t flex items-center gap-2 border-dashed py-1 text-[0.95rem]"
    >
      <svg viewBox="-9 -9 18 18" class="stroke-act size-4 shrink-0" aria-hidden="true">
        <path d="M4 -5A6.5 6.5 0 1 0 4 5" fill="none" stroke-width="4" />
      </svg>
      {{ gap }}
    </li>
  </ul>
</template>
