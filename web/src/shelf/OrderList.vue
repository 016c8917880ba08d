<script setup lang="ts">
import { computed } from 'vue'
import type { ToOrder } from '../api/types'
import { useOrderList } from './queries'

/** What is below its minimum, was ordered for open calls, or is expected to be taken by them, by supplier. */
const { data: list } = useOrderList()
const bySupplier = computed(() => {
  const groups = new Map<string, ToOrder[]>()
  for (const one of list.value ?? []) {
    const supplier = one.supplier || 'No supplier entered'
    groups.set(supplier, [...(groups.get(supplier) ?? []), one])
  }
  return groups
})
/** For the supplier's own program. */
const orderOf = (supplier: string) => `/api/order-list.xml?${new URLSearchParams({ supplier })}`
const why = ({ onVans, minimum, ordered, expected }: ToOrder) =>
  [
    onVans < 0 ? 'count again' : `${onVans} there`,
    minimum ? `minimum ${minimum}` : '',
    ordered ? `${ordered} for open calls` : '',
    expected >= 0.05 ? `${expected.toFixed(1)} expected of calls ahead` : '',
  ]
    .filter(Boolean)
    .join(', ')
</script>

<template>
  <div v-if="list" class="grid gap-5">
    <p v-if="!list.length" class="text-soft">Nothing is to be ordered.</p>
    <section v-for="[supplier, some] in bySupplier" :key="supplier" :aria-label="supplier">
      <div class="flex flex-wrap items-center justify-between gap-x-3">
        <h2 class="text-xl">{{ supplier }}</h2>
        <a v-if="some[0]?.supplier" class="btn btn-quiet -mr-4" :href="orderOf(supplier)" download
          >Order as UBL 2.1</a
        >
      </div>
      <ul role="list">
        <li
          v-for="one in some"
          :key="one.id"
          class="border-line grid min-h-12 grid-cols-[1fr_auto] items-center gap-x-4 border-b py-2 leading-tight"
        >
          <span>
            <span class="font-semibold">{{ one.name }}</span>
            <span class="text-soft block text-sm"
              ><span class="font-mono">{{ one.number }}</span
              >, {{ why(one) }}</span
            >
          </span>
          <span class="font-mono text-lg font-bold">{{ one.wanted }}</span>
        </li>
      </ul>
    </section>
    <a v-if="list.length" class="btn justify-self-start" href="/api/order-list.csv" download>Export as CSV</a>
  </div>
</template>
