<script setup lang="ts">
import { computed, ref } from 'vue'
import { useNow } from '@vueuse/core'
import Stepper from '../../ui/field/Stepper.vue'
import { useCallContext } from '../context'

/** The work that is charged: what the report multiplies by the price of an hour. */
const { call, actions } = useCallContext()
const STEP = 15
const line = computed(() => call.value.job.labour[0])
const now = useNow({ interval: 60_000 })
/** Longer than a day's work: it was left open since. */
const LEFT_OPEN = 8 * 60
/** Quarters of an hour since the first check or remedy of the day, begun ones whole. */
const sinceStart = computed(() => {
  const start = call.value.startedAt ?? now.value.getTime()
  const minutes = STEP * Math.ceil((now.value.getTime() - start) / 60_000 / STEP)
  return minutes > LEFT_OPEN ? 0 : minutes
})
/** What somebody has set and not charged yet: the clock does not change it. */
const typed = ref<number>()
const minutes = computed({
  get: () => typed.value ?? line.value?.what.minutes ?? sinceStart.value,
  set: (set) => (typed.value = set),
})
async function keep() {
  const what = { kind: 'labour' as const, minutes: Math.round(Number(minutes.value) || 0) }
  if (await actions.write(what, line.value)) typed.value = undefined
}
</script>

<template>
  <form class="flex flex-wrap items-center justify-between gap-2" novalidate @submit.prevent="keep">
    <span class="font-semibold">Labour</span>
    <span class="flex flex-wrap items-center gap-2">
      <Stepper v-model="minutes" label="Labour, minutes" hide-label :max="1440" :step="STEP" unit="min" />
      <button class="btn" :disabled="actions.busy.value || line?.what.minutes === minutes">
        {{ line?.what.minutes === minutes ? '✓ Charged' : 'Charge' }}
      </button>
    </span>
  </form>
</template>
