<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useNow } from '@vueuse/core'
import Stepper from '../../ui/Stepper.vue'
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
const minutes = ref(0)
watch([line, sinceStart], () => (minutes.value = line.value?.what.minutes ?? sinceStart.value), {
  immediate: true,
})
const keep = () =>
  actions.write({ kind: 'labour', minutes: Math.round(Number(minutes.value) || 0) }, line.value)
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
