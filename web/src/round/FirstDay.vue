<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useLocalStorage } from '@vueuse/core'
import { computed, watch } from 'vue'
import { answer, api } from '../api/client'

/** What a new business does first, in the order in which it helps; each can wait. */
const props = defineProps<{ always?: boolean }>()
/** Whoever is past it is not asked again on this device. */
const over = useLocalStorage('grimy-gasket:first-day-over', false)
const { data: done } = useQuery({
  enabled: () => !over.value,
  queryKey: ['first-day'],
  queryFn: () => answer(() => api.GET('/api/first-day')),
  refetchOnMount: 'always',
})
const STEPS = [
  {
    id: 'business',
    title: 'Your business',
    why: 'Name and address stand in reports; an hour’s price weighs parts against work.',
    to: '/settings/business',
  },
  {
    id: 'people',
    title: 'Your people',
    why: 'Everybody signs in with their own name, and has a round and a van.',
    to: '/settings/people',
  },
  {
    id: 'parts',
    title: 'Your parts',
    why: 'By hand, or a list as CSV: the advice knows what is on the van.',
    to: '/shelf',
  },
  {
    id: 'customers',
    title: 'Your customers',
    why: 'A list as CSV, whatever its columns are called; or one by one with their first call.',
    to: '/customers',
  },
  { id: 'calls', title: 'The first call', why: 'With “New call”, here on the round.', to: '/round' },
] as const
const skipped = useLocalStorage<string[]>('grimy-gasket:first-day', [])
watch(done, (known) => (over.value = !!known && Object.values(known).every(Boolean)))
const isDone = (id: (typeof STEPS)[number]['id']) => !!done.value?.[id]
const left = computed(() => STEPS.filter(({ id }) => !isDone(id) && !skipped.value.includes(id)))
const shown = computed(
  () => !!done.value && (left.value.length > 0 || (props.always && STEPS.some(({ id }) => !isDone(id)))),
)
</script>

<template>
  <section
    v-if="shown"
    class="bg-sheet border-line mb-4 rounded-xl border p-4"
    aria-labelledby="first-day-title"
  >
    <h2 id="first-day-title" class="text-xl">The first day</h2>
    <ol class="mt-1">
      <li
        v-for="step in STEPS"
        :key="step.id"
        class="border-line grid grid-cols-[1fr_auto] items-center gap-x-3 border-t border-dashed py-1 first:border-t-0"
      >
        <RouterLink :to="step.to" class="block min-h-12 py-1 leading-tight">
          <b :class="isDone(step.id) ? 'text-clean' : ''"
            >{{ isDone(step.id) ? '✓ ' : '' }}{{ step.title }}</b
          >
          <span class="text-soft block text-sm">{{ step.why }}</span>
        </RouterLink>
        <button
          v-if="!isDone(step.id)"
          type="button"
          class="btn btn-quiet"
          @click="
            skipped = skipped.includes(step.id)
              ? skipped.filter((id) => id !== step.id)
              : [...skipped, step.id]
          "
        >
          {{ skipped.includes(step.id) ? 'Not skipped after all' : 'Skip' }}
          <span class="sr-only">: {{ step.title }}</span>
        </button>
      </li>
    </ol>
    <p class="text-soft text-sm">What you skip stands under Settings.</p>
  </section>
</template>
