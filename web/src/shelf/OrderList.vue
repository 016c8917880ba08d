<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Session, ToOrder } from '../api/types'
import OpenOrders from './OpenOrders.vue'
import OrderSheet from './OrderSheet.vue'
import { useOrderList } from './queries'

/** What is below its minimum, was ordered for open calls, or is expected to be taken by them, by supplier. */
defineProps<{ session: Session }>()
const { data: list } = useOrderList()
const bySupplier = computed(() => {
  const groups = new Map<string, ToOrder[]>()
  for (const one of list.value ?? []) {
    const supplier = one.supplier || 'No supplier entered'
    groups.set(supplier, [...(groups.get(supplier) ?? []), one])
  }
  return groups
})
/** Of whom is ordered just now. */
const chosen = ref('')
const open = ref(false)
function order(supplier: string) {
  chosen.value = supplier
  open.value = true
}
const why = ({ onVans, minimum, ordered, coming, expected }: ToOrder) =>
  [
    onVans < 0 ? 'count again' : `${onVans} there`,
    minimum ? `minimum ${minimum}` : '',
    ordered ? `${ordered} for open calls` : '',
    coming ? `${coming} on order` : '',
    expected >= 0.05 ? `${expected.toFixed(1)} expected of calls ahead` : '',
  ]
    .filter(Boolean)
    .join(', ')
</script>

<template>
  <div v-if="list" class="grid gap-5">
    <OpenOrders :session="session" />
    <p v-if="!list.length" class="text-soft">Nothing is to be ordered.</p>
    <section v-for="[supplier, some] in bySupplier" :key="supplier" :aria-label="supplier">
      <div class="flex flex-wrap items-center justify-between gap-x-3">
        <h2 class="text-xl">{{ supplier }}</h2>
        <button
          v-if="session.lead && some[0]?.supplier"
          type="button"
          class="btn"
          :aria-label="`Order from ${supplier}`"
          @click="order(supplier)"
        >
          Order
        </button>
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
    <OrderSheet
      v-if="chosen"
      :key="chosen"
      v-model="open"
      :supplier="chosen"
      :wanted="bySupplier.get(chosen) ?? []"
      :session="session"
    />
    <a v-if="list.length" class="btn justify-self-start" href="/api/order-list.csv" download>Export as CSV</a>
  </div>
</template>
