<script setup lang="ts">
import VisitBlock from './VisitBlock.vue'
import type { BoardVisit } from './visits'

/** What nobody has yet, to be given out. */
defineProps<{ visits: BoardVisit[]; dated?: boolean }>()
defineEmits<{ choose: [visit: BoardVisit] }>()
</script>

<template>
  <section class="hatched mb-4 rounded-xl p-3" aria-label="Nobody has these yet">
    <h2 class="mb-2 text-lg">Nobody has these yet</h2>
    <div class="grid gap-2 sm:grid-cols-2 lg:grid-cols-4">
      <VisitBlock
        v-for="visit in visits"
        :key="visit.id"
        :visit="visit"
        :dated="dated"
        @choose="$emit('choose', visit)"
      />
    </div>
  </section>
</template>
