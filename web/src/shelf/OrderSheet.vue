<script setup lang="ts">
import { v7 as uuid } from 'uuid'
import { ref, watch } from 'vue'
import type { Session, ToOrder } from '../api/types'
import Notice from '../ui/Notice.vue'
import Sheet from '../ui/Sheet.vue'
import Stepper from '../ui/field/Stepper.vue'
import { usePlaceOrder } from './queries'

/** Orders of one supplier what is wanted, or as many as somebody thinks better. */
const props = defineProps<{ supplier: string; wanted: ToOrder[]; session: Session }>()
const open = defineModel<boolean>({ required: true })
const counts = ref<Record<string, number>>({})
/** Sent again after no answer, it is one order. */
const id = ref(uuid())
watch(
  open,
  (opens) => {
    if (!opens) return
    counts.value = Object.fromEntries(props.wanted.map((one) => [one.id, one.wanted]))
    id.value = uuid()
  },
  { immediate: true },
)

const place = usePlaceOrder()
function keep() {
  const lines = props.wanted
    .map((one) => ({ part: one.id, count: counts.value[one.id] ?? 0 }))
    .filter(({ count }) => count > 0)
  place.mutate({ id: id.value, supplier: props.supplier, lines }, { onSuccess: () => (open.value = false) })
}
</script>

<template>
  <Sheet v-model="open" :title="`Order from ${supplier}`">
    <form class="grid gap-4" novalidate @submit.prevent="keep">
      <p v-if="session.simulatedMeters" class="text-soft">
        A simulated supplier answers: no order leaves this house. Settings, Business turns it off.
      </p>
      <p v-else class="text-soft">
        It is noted as ordered. Send it to the supplier yourself: the order has a file for their program.
      </p>
      <div v-for="one in wanted" :key="one.id" class="grid gap-1">
        <span class="leading-tight"
          >{{ one.name }} <span class="text-soft font-mono text-sm">{{ one.number }}</span></span
        >
        <Stepper v-model="counts[one.id]!" :label="`Order of ${one.number}`" hide-label />
      </div>
      <Notice v-if="place.error.value" :problem="place.error.value" @again="keep" @dismiss="place.reset()" />
      <button class="btn btn-act justify-self-start" :disabled="place.isPending.value">Order</button>
    </form>
  </Sheet>
</template>
