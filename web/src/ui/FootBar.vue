<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed, watch } from 'vue'
import { useRoute } from 'vue-router'
import type { Session } from '../api/types'
import { lastCall } from './kept/lastCall'

defineProps<{ session: Session }>()
const route = useRoute()
watch(
  () => route.params.id,
  (id) => {
    if (typeof id === 'string') lastCall.value = id
  },
  { immediate: true },
)

/** More than five do not fit a phone, nor a desk that is zoomed in: there, the rest is behind one. */
const VIEWS = [
  { path: '/round', name: 'Round', also: '/board' },
  { path: '/shelf', name: 'Shelf' },
  { path: '/customers', name: 'Customers', also: '/machines' },
  { path: '/know-how', name: 'Know-how', rest: true },
  { path: '/gauges', name: 'Gauges', rest: true },
  { path: '/settings', name: 'Settings', rest: true },
]
const REST = VIEWS.filter(({ rest }) => rest)
const isOn = ({ path, also }: { path: string; also?: string }) =>
  route.path.startsWith(path) || (!!also && route.path.startsWith(also))
const inRest = computed(() => REST.some(isOn))
</script>

<template>
  <nav
    class="bg-rubber no-print low:static sticky bottom-0 z-10 flex items-stretch gap-1 px-2 sm:px-4"
    aria-label="Views"
  >
    <template v-for="view in VIEWS" :key="view.path">
      <RouterLink
        :to="view.path"
        class="foot"
        :class="{ 'foot-on': isOn(view), 'max-desk:hidden': view.rest }"
        :aria-current="isOn(view) ? 'page' : undefined"
        >{{ view.name }}</RouterLink
      >
      <RouterLink
        v-if="view.path === '/round' && lastCall"
        :to="`/calls/${lastCall}`"
        class="foot"
        :class="{ 'foot-on': route.path.startsWith('/calls') }"
        >Call</RouterLink
      >
    </template>
    <span class="flex-1" />
    <Popover class="desk:hidden flex">
      <PopoverButton class="foot" :class="{ 'foot-on': inRest }">More</PopoverButton>
      <PopoverPanel
        v-slot="{ close }"
        class="bg-rubber absolute right-2 bottom-full grid min-w-44 rounded-t-lg border-b border-[#4a5153] p-1"
      >
        <RouterLink
          v-for="view in REST"
          :key="view.path"
          :to="view.path"
          class="foot"
          :class="{ 'foot-on': isOn(view) }"
          @click="close()"
          >{{ view.name }}</RouterLink
        >
      </PopoverPanel>
    </Popover>
    <span class="desk:block hidden self-center truncate text-sm text-[#d9d5ca]"
      >{{ session.name }}, {{ session.business }}</span
    >
  </nav>
</template>
