<script setup lang="ts">
import { computed, toRef } from 'vue'
import { useRouter } from 'vue-router'
import { useCall } from '../api/queries'
import { queryClient } from '../api/queryClient'
import type { Gauge, Judgement, Rating } from '../api/types'
import { useCallActions } from '../call/useCallActions'
import type { GaugeEntry } from './useGauge'

const props = defineProps<{ gauge: Gauge; callId: string; judgement: Judgement; entry: GaugeEntry }>()
const { data: call } = useCall(() => props.callId)
const actions = useCallActions(toRef(props, 'callId'))
const router = useRouter()

/** The check of this machine that the gauge computes the reading of. */
const check = computed(() => {
  const found = Object.entries(call.value?.find.measures ?? {}).find(
    ([, one]) => one.gauge === props.gauge.id,
  )
  return found && { id: found[0], ...found[1] }
})
const ratings = computed(() =>
  props.gauge.inputs.filter((input) => input.rating && props.entry.typed.value[input.id]?.text),
)

async function keep() {
  const { value, standardUncertainty, unit } = props.judgement.results[0]!
  const measured = { text: String(Number(value.toPrecision(5))), unit, standardUncertainty }
  if (await actions.takeReading(check.value!.id, measured)) {
    await router.push(`/calls/${props.callId}`)
  }
}

async function keepRatings() {
  const typed = Object.fromEntries(
    ratings.value.map((input) => [input.rating!, props.entry.typed.value[input.id]!.text!]),
  ) as Record<Rating, string>
  if (await actions.rate(typed, call.value!.machine.ratings)) {
    ratings.value.forEach((input) => props.entry.set(input.id, {}))
    await queryClient.invalidateQueries({ queryKey: ['gauges'] })
  }
}
</script>

<template>
  <button
    v-if="check && !call?.head.closing"
    type="button"
    class="btn btn-act"
    :disabled="actions.busy.value"
    @click="keep"
  >
    Save to the call: {{ judgement.results[0]!.shown }}
  </button>
  <button
    v-if="ratings.length && !call?.head.closing"
    type="button"
    class="btn"
    :disabled="actions.busy.value"
    @click="keepRatings"
  >
    Save as this machine’s data
  </button>
  <p v-if="actions.problem.value" role="alert" class="text-act w-full font-semibold">
    {{ actions.problem.value.message }}
  </p>
</template>
