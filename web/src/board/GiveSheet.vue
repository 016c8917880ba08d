<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Lane } from '../api/types'
import { clockTime, daysSince1970, isoDay, minuteOfDay, windowOf } from '../ui/text/format'
import Notice from '../ui/Notice.vue'
import Sheet from '../ui/Sheet.vue'
import TextField from '../ui/field/TextField.vue'
import { NOBODY } from '../ui/nobody'
import { spotOf, useReplan, type Change } from './replan'
import { stateOf, type BoardVisit } from './visits'

/** A visit is given to somebody, or planned for another time. */
const props = defineProps<{ visit: BoardVisit; from: string; lanes: Lane[] }>()
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ done: [changes: Change[]] }>()

const to = ref('')
const day = ref('')
const at = ref('')
const promisedFrom = ref('')
const promisedUntil = ref('')
watch(
  () => props.visit,
  ({ first }) => {
    to.value = props.from
    day.value = isoDay(first.day)
    at.value = clockTime(first.plannedAt)
    promisedFrom.value = first.promised ? clockTime(first.promised.from) : ''
    promisedUntil.value = first.promised ? clockTime(first.promised.until) : ''
  },
  { immediate: true },
)

const replan = useReplan()
function save() {
  const becomes = {
    account: to.value,
    day: daysSince1970(day.value),
    plannedAt: minuteOfDay(at.value),
    promised:
      promisedFrom.value && promisedUntil.value
        ? windowOf(promisedFrom.value, promisedUntil.value)
        : undefined,
  }
  const changes = props.visit.calls.map((call) => ({
    call: call.id,
    was: spotOf(call, props.from),
    becomes,
  }))
  replan.mutate(changes, {
    onSuccess() {
      open.value = false
      emit('done', changes)
    },
  })
}
</script>

<template>
  <Sheet v-model="open" :title="visit.first.customer">
    <ul>
      <li v-for="call in visit.calls" :key="call.id">
        <RouterLink :to="`/calls/${call.id}`" class="flex min-h-12 items-center underline decoration-dotted">
          {{ call.complaint || 'Upkeep' }}, {{ call.kind }} {{ call.maker }}
        </RouterLink>
      </li>
    </ul>
    <p class="text-soft">{{ visit.first.street }}</p>
    <p v-if="stateOf(visit.first) !== 'to do'" class="mt-3">This visit is {{ stateOf(visit.first) }}.</p>
    <form v-else class="mt-3 grid gap-3" novalidate @submit.prevent="save">
      <Notice
        v-if="replan.error.value"
        :problem="replan.error.value"
        @again="save"
        @dismiss="replan.reset()"
      />
      <label class="grid gap-1">
        <span class="font-semibold">For whom</span>
        <select v-model="to" class="field">
          <option v-for="lane in lanes" :key="lane.account" :value="lane.account">{{ lane.name }}</option>
          <option :value="NOBODY">Nobody yet</option>
        </select>
      </label>
      <div class="grid grid-cols-2 gap-3">
        <TextField v-model="day" label="Day" type="date" />
        <TextField v-model="at" label="Time" type="time" />
        <TextField v-model="promisedFrom" label="Promised from" type="time" />
        <TextField v-model="promisedUntil" label="Promised until" type="time" />
      </div>
      <p class="text-soft text-sm">
        A planned time without a promised window counts as the time that was told, and half an hour more.
      </p>
      <button class="btn btn-act justify-self-start" :disabled="replan.isPending.value">
        {{ replan.isPending.value ? 'Planning …' : 'Plan it so' }}
      </button>
    </form>
  </Sheet>
</template>
