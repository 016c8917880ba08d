<script setup lang="ts">
/** Leads from a day to its week, and back. */
defineProps<{ day: string; shown: 'day' | 'week' }>()
</script>

<template>
  <nav class="flex" aria-label="Day or week">
    <RouterLink class="btn rounded-r-none" :class="{ 'btn-act': shown === 'day' }" :to="`/board/${day}`">
      Day
    </RouterLink>
    <RouterLink
      class="btn rounded-l-none border-l-0"
      :class="{ 'btn-act': shown === 'week' }"
      :to="`/week/${day}`"
    >
      Week
    </RouterLink>
  </nav>
</template>
