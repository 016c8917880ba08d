<script setup lang="ts">
import { v7 as uuid } from 'uuid'
import { computed, ref, watch } from 'vue'
import type { PartOrder, Session } from '../api/types'
import Notice from '../ui/Notice.vue'
import Sheet from '../ui/Sheet.vue'
import Stepper from '../ui/field/Stepper.vue'
import { NOBODY } from '../ui/nobody'
import { useArrive } from './queries'

/** Counts what has come of an order, and where it goes. */
const props = defineProps<{ order: PartOrder; session: Session }>()
const open = defineModel<boolean>({ required: true })
const lines = computed(() => props.order.lines.filter(({ coming }) => coming))
const counts = ref<Record<string, number>>({})
/** Whoever is not the lead takes it onto their own van. */
const van = ref(props.session.lead ? NOBODY : props.session.id)
/** Sent again after no answer, it has come once. */
const id = ref(uuid())
watch(
  open,
  (opens) => {
    if (!opens) return
    counts.value = Object.fromEntries(lines.value.map(({ part, coming, inBox }) => [part, inBox ?? coming]))
    id.value = uuid()
  },
  { immediate: true },
)

const arrive = useArrive(() => props.order.id)
function keep() {
  const come = lines.value
    .map(({ part }) => ({ part, count: counts.value[part] ?? 0 }))
    .filter(({ count }) => count > 0)
  arrive.mutate({ id: id.value, van: van.value, lines: come }, { onSuccess: () => (open.value = false) })
}
</script>

<template>
  <Sheet v-model="open" :title="`Order ${order.number} has come`">
    <form class="grid gap-4" novalidate @submit.prevent="keep">
      <p class="text-soft">Count what is in the box. What is not in it stays on order.</p>
      <div v-for="line in lines" :key="line.part" class="grid gap-1">
        <span class="leading-tight"
          >{{ line.name }} <span class="text-soft font-mono text-sm">{{ line.partNumber }}</span></span
        >
        <Stepper v-model="counts[line.part]!" :label="`Come of ${line.partNumber}`" hide-label />
      </div>
      <label class="grid gap-1">
        <span class="font-semibold">Put into</span>
        <select v-model="van" class="field">
          <option v-if="session.lead" :value="NOBODY">the store room</option>
          <option :value="session.id">your van</option>
        </select>
      </label>
      <Notice
        v-if="arrive.error.value"
        :problem="arrive.error.value"
        @again="keep"
        @dismiss="arrive.reset()"
      />
      <button class="btn btn-act justify-self-start" :disabled="arrive.isPending.value">Save</button>
    </form>
  </Sheet>
</template>
