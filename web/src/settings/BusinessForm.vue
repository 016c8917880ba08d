<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { answer, api } from '../api/client'
import { useBusiness } from '../api/queries'
import { queryClient } from '../api/queryClient'
import { prepareAnew } from '../store/nextDays'
import type { Business } from '../api/types'
import Notice from '../ui/Notice.vue'
import TextField from '../ui/TextField.vue'

const { data: business } = useBusiness()
const form = ref({ name: '', labourPerHour: '', returnTripMinutes: '', mainsVolts: '', zone: '' })
const zones = Intl.supportedValuesOf('timeZone')
const show = ({ name, labourPerHour, returnTripMinutes, mainsVolts, zone }: Business) =>
  (form.value = {
    name,
    labourPerHour: labourPerHour.toFixed(2),
    returnTripMinutes: String(returnTripMinutes),
    mainsVolts: String(mainsVolts),
    zone,
  })
watch(business, (known) => known && show(known), { immediate: true })

const NUMBERS = ['labourPerHour', 'returnTripMinutes', 'mainsVolts'] as const
/** What was typed that is no number; the rest is the server's to refuse. */
const notNumbers = computed(() =>
  Object.fromEntries(
    NUMBERS.filter((name) => !/^\d+([.,]\d+)?$/.test(form.value[name].trim())).map((name) => [
      name,
      'A number, please.',
    ]),
  ),
)
const number = (name: (typeof NUMBERS)[number]) => Number(form.value[name].trim().replace(',', '.'))
const save = useMutation({
  mutationFn: () =>
    answer(() =>
      api.PUT('/api/business', {
        body: {
          name: form.value.name,
          currency: business.value!.currency,
          labourPerHour: number('labourPerHour'),
          returnTripMinutes: Math.round(number('returnTripMinutes')),
          mainsVolts: Math.round(number('mainsVolts')),
          zone: form.value.zone.trim(),
        },
      }),
    ),
  onSuccess: (kept) => {
    queryClient.setQueryData(['business'], kept)
    for (const queryKey of [['session'], ['call'], ['round'], ['consequence'], ['report']])
      void queryClient.invalidateQueries({ queryKey })
    prepareAnew()
  },
})
const problem = save.error
const errors = computed<Record<string, string>>(() => ({ ...problem.value?.fields, ...notNumbers.value }))
</script>

<template>
  <form
    v-if="business"
    class="bg-sheet border-line grid content-start gap-3 rounded-xl border p-4"
    aria-labelledby="business-title"
    novalidate
    @submit.prevent="Object.keys(notNumbers).length || save.mutate()"
  >
    <h2 id="business-title" class="text-lg leading-tight">The business</h2>
    <Notice v-if="problem" :problem="problem" @again="save.mutate()" @dismiss="save.reset()" />
    <TextField v-model="form.name" label="Name in reports" :error="errors.name" maxlength="80" />
    <TextField
      v-model="form.labourPerHour"
      :label="`An hour of work, ${business.currency}`"
      inputmode="decimal"
      :error="errors.labourPerHour"
    />
    <TextField
      v-model="form.returnTripMinutes"
      label="A second visit costs, minutes"
      hint="The drive there and back, and finding a time"
      inputmode="numeric"
      :error="errors.returnTripMinutes"
    />
    <TextField
      v-model="form.mainsVolts"
      label="Mains, volts"
      hint="Windings are judged by it where no plate says otherwise"
      inputmode="numeric"
      :error="errors.mainsVolts"
    />
    <TextField
      v-model="form.zone"
      label="Time zone"
      hint="Days and times are those of where you work, wherever a phone or the computer may be"
      list="zones"
      autocomplete="off"
      :error="errors.zone"
    />
    <datalist id="zones">
      <option v-for="zone in zones" :key="zone" :value="zone" />
    </datalist>
    <button class="btn" :disabled="save.isPending.value">Save</button>
    <p role="status" class="text-clean font-semibold">{{ save.isSuccess.value ? 'Kept.' : '' }}</p>
  </form>
</template>
