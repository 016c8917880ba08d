<script setup lang="ts">
import { v7 as uuid } from 'uuid'
import { computed, ref, watch } from 'vue'
import { useColleagues } from '../api/queries'
import { NOBODY } from '../ui/nobody'
import type { PartMoving, Session, StockedPart } from '../api/types'
import Chips from '../ui/field/Chips.vue'
import Notice from '../ui/Notice.vue'
import Stepper from '../ui/field/Stepper.vue'
import { useMove } from './queries'
import { REASONS } from './reasons'

/** Changes how many of a part are on a van, one's own or, for leads, anybody's. */
const props = defineProps<{ stocked: StockedPart; session: Session }>()
const reason = ref<keyof typeof REASONS>('RECEIVED')
const van = ref(props.session.id)
const to = ref('')
const count = ref(1)
/** Sent again after no answer, it moves nothing twice. */
const id = ref(uuid())
const { data: colleagues } = useColleagues()
/** The store room is nobody's van. */
const STORE = { id: NOBODY, name: 'Store room' }
const vans = computed(() => [...(colleagues.value ?? []).filter(({ locked }) => !locked), STORE])
/** Whoever is not the lead moves what is on their own van, and fetches from the store room. */
const from = computed(() =>
  props.session.lead ? vans.value : vans.value.filter(({ id }) => [props.session.id, NOBODY].includes(id)),
)
const onVan = computed(() => props.stocked.vans.find(({ account }) => account === van.value)?.count ?? 0)
watch([reason, onVan], () => (count.value = reason.value === 'COUNTED' ? Math.max(0, onVan.value) : 1))
watch([reason, van, to, count], () => (id.value = uuid()))

const onOwn = computed(
  () => props.stocked.vans.find(({ account }) => account === props.session.id)?.count ?? 0,
)
const move = useMove(() => props.stocked.part, onOwn)
function keep() {
  const moving: PartMoving = { id: id.value, reason: reason.value, count: count.value, van: van.value }
  move.mutate(
    { ...moving, to: reason.value === 'GIVEN' ? to.value || undefined : undefined },
    { onSuccess: () => (id.value = uuid()) },
  )
}
</script>

<template>
  <form class="grid gap-3" novalidate @submit.prevent="keep">
    <ul class="grid gap-1" aria-label="On the vans" role="list">
      <li v-for="one in stocked.vans" :key="one.account" class="flex justify-between gap-4">
        <span>{{ one.name }}</span>
        <span class="font-mono" :class="{ 'text-act font-bold': one.count < 0 }">{{
          one.count < 0 ? `${one.count}: count again` : one.count
        }}</span>
      </li>
      <li v-if="!stocked.vans.length" class="text-soft">Nowhere yet.</li>
    </ul>
    <Notice v-if="move.error.value" :problem="move.error.value" @again="keep" @dismiss="move.reset()" />
    <label class="grid gap-1">
      <span class="font-semibold">Van of</span>
      <select v-model="van" class="field">
        <option v-for="one in from" :key="one.id" :value="one.id">{{ one.name }}</option>
      </select>
    </label>
    <Chips v-model="reason" label="What happens" :options="REASONS" hide-label />
    <label v-if="reason === 'GIVEN'" class="grid gap-1">
      <span class="font-semibold">To whose van</span>
      <select v-model="to" class="field">
        <option v-for="one in vans.filter((other) => other.id !== van)" :key="one.id" :value="one.id">
          {{ one.name }}
        </option>
      </select>
    </label>
    <Stepper v-model="count" label="How many" :max="999" />
    <button class="btn btn-act justify-self-start" :disabled="move.isPending.value">Save</button>
  </form>
</template>
