<script setup lang="ts">
import { ref } from 'vue'
import type { PartOrder, Session } from '../api/types'
import { dayOf } from '../ui/text/clocks'
import { dayName } from '../ui/text/format'
import ArrivedSheet from './ArrivedSheet.vue'
import OrderMore from './OrderMore.vue'
import { useOpenOrders } from './queries'

/** What was ordered of suppliers, and has not all come. */
defineProps<{ session: Session }>()
const { data: orders } = useOpenOrders()
const arrived = ref<PartOrder>()
const open = ref(false)

function count(order: PartOrder) {
  arrived.value = order
  open.value = true
}
function state({ coming, ordered, promised, inBox }: PartOrder['lines'][number]) {
  if (!coming) return 'all come'
  const left = coming < ordered ? `${coming} of ${ordered} still to come` : `${ordered} to come`
  if (!promised) return left
  const some = inBox && inBox < coming ? `${inBox} of them ` : ''
  return `${left}, ${some}on ${dayName(promised)}`
}
</script>

<template>
  <section v-if="orders?.length" aria-labelledby="on-order" class="grid gap-4">
    <h2 id="on-order" class="text-xl">On order</h2>
    <article
      v-for="order in orders"
      :key="order.id"
      :aria-label="`Order ${order.number}`"
      class="border-edge grid gap-2 rounded-lg border-2 p-3"
    >
      <header class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
        <h3 class="text-lg leading-tight">
          {{ order.supplier }}
          <span class="text-soft text-sm font-normal"
            >order {{ order.number }}, {{ dayName(dayOf(order.at)) }}</span
          >
        </h3>
        <button type="button" class="btn btn-act" @click="count(order)">It has come</button>
      </header>
      <p v-if="order.simulated" class="text-soft text-sm">
        Simulated supplier: it makes its answers up, and no order has left this house.
      </p>
      <ul role="list">
        <li
          v-for="line in order.lines"
          :key="line.part"
          class="border-line grid gap-x-4 border-t border-dashed py-1.5 leading-tight sm:grid-cols-[1fr_auto]"
          :class="{ 'text-soft': !line.coming }"
        >
          <span>
            {{ line.name }} <span class="text-soft font-mono text-sm">{{ line.partNumber }}</span>
          </span>
          <span class="text-sm">{{ state(line) }}</span>
        </li>
      </ul>
      <a class="btn btn-quiet -ml-4 justify-self-start" :href="`/api/orders/${order.id}/order.xml`" download
        >Order as UBL 2.1</a
      >
      <OrderMore v-if="session.lead" :order="order" />
    </article>
    <ArrivedSheet v-if="arrived" :key="arrived.id" v-model="open" :order="arrived" :session="session" />
  </section>
</template>
