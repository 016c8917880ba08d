<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { answer, api } from '../api/client'
import { queryClient } from '../api/queryClient'
import type { Session } from '../api/types'

const props = defineProps<{ session: Session }>()
const UNITS = { METRIC: 'Metric: L, °C, m³/h, kPa', US: 'US: gal, °F, ft³/min, inH₂O' }

const choose = useMutation({
  mutationFn: (units: Session['units']) => answer(() => api.PUT('/api/session/units', { body: { units } })),
  onSuccess: (session) => {
    queryClient.setQueryData(['session'], session)
    // Everything that is shown with a unit was worded by the server.
    for (const queryKey of [['units'], ['gauges'], ['judgement'], ['call'], ['report']]) {
      void queryClient.invalidateQueries({ queryKey })
    }
  },
})
</script>

<template>
  <fieldset class="bg-sheet border-line rounded-xl border p-4">
    <legend class="sr-only">Units</legend>
    <p class="font-head text-lg leading-tight font-bold" aria-hidden="true">Units</p>
    <p class="text-soft text-sm">of readings and gauges</p>
    <label v-for="(name, units) in UNITS" :key="units" class="flex min-h-12 items-center gap-3 leading-tight">
      <input
        type="radio"
        class="accent-act size-6 shrink-0"
        name="units"
        :checked="props.session.units === units"
        @change="choose.mutate(units)"
      />
      <span>{{ name }}</span>
    </label>
    <p v-if="choose.isError.value" role="alert" class="text-act font-semibold">
      {{ choose.error.value?.message }}
    </p>
  </fieldset>
</template>
