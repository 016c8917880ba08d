<script setup lang="ts">
import { watch } from 'vue'
import { useRoute } from 'vue-router'
import type { Session } from '../api/types'
import { lastCall } from './lastCall'

defineProps<{ session: Session }>()
const route = useRoute()
watch(
  () => route.params.id,
  (id) => {
    if (typeof id === 'string') lastCall.value = id
  },
  { immediate: true },
)

const VIEWS = [
  { path: '/round', name: 'Round' },
  { path: '/know-how', name: 'Know-how' },
  { path: '/gauges', name: 'Gauges' },
  { path: '/settings', name: 'Settings' },
]
</script>

<template>
  <nav
    class="bg-rubber no-print sticky bottom-0 z-10 flex items-stretch gap-1 px-2 sm:px-4"
    aria-label="Views"
  >
    <template v-for="view in VIEWS" :key="view.path">
      <RouterLink
        :to="view.path"
        class="foot"
        :class="{ on: route.path.startsWith(view.path) }"
        :aria-current="route.path.startsWith(view.path) ? 'page' : undefined"
        >{{ view.name }}</RouterLink
      >
      <RouterLink
        v-if="view.path === '/round' && lastCall"
        :to="`/calls/${lastCall}`"
        class="foot"
        :class="{ on: route.path.startsWith('/calls') }"
        >Call</RouterLink
      >
    </template>
    <span class="flex-1" />
    <span class="hidden self-center text-sm text-[#d9d5ca] sm:block"
      >{{ session.name }}, {{ session.business }}</span
    >
  </nav>
</template>

<style scoped>
@reference '../styles.css';
.foot {
  @apply flex min-h-14 items-center border-t-4 border-transparent px-1.5 text-sm whitespace-nowrap min-[380px]:px-2 min-[380px]:text-[0.95rem] font-semibold sm:px-4 sm:text-base text-[#d9d5ca];
}
.foot.on {
  @apply border-act text-white;
}
</style>
