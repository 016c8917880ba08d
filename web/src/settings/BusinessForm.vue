<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { answer, api } from '../api/client'
import { useBusiness } from '../api/queries'
import { queryClient } from '../api/queryClient'
import { prepareAnew } from '../store/held/nextDays'
import type { Business } from '../api/types'
import { clockTime, minuteOfDay } from '../ui/text/format'
import Notice from '../ui/Notice.vue'
import PlaceField from '../ui/field/PlaceField.vue'
import TextField from '../ui/field/TextField.vue'

const { data: business } = useBusiness()
const form = ref({
  currency: '',
  name: '',
  address: '',
  phone: '',
  email: '',
  taxNumber: '',
  taxPercent: '',
  warrantyMonths: '',
  labourPerHour: '',
  returnTripMinutes: '',
  mainsVolts: '',
  zone: '',
  simulatedMeters: false,
  dayFrom: '08:00',
  dayUntil: '17:00',
  latitude: undefined as number | undefined,
  longitude: undefined as number | undefined,
})
const zones = Intl.supportedValuesOf('timeZone')
const show = (known: Business) =>
  (form.value = {
    ...known,
    taxPercent: String(known.taxPercent),
    warrantyMonths: String(known.warrantyMonths),
    labourPerHour: known.labourPerHour.toFixed(2),
    returnTripMinutes: String(known.returnTripMinutes),
    mainsVolts: String(known.mainsVolts),
    dayFrom: clockTime(known.dayFrom),
    dayUntil: clockTime(known.dayUntil),
    latitude: known.latitude,
    longitude: known.longitude,
  })
watch(business, (known) => known && show(known), { immediate: true })

const NUMBERS = ['labourPerHour', 'returnTripMinutes', 'mainsVolts', 'taxPercent', 'warrantyMonths'] as const
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
          ...form.value,
          labourPerHour: number('labourPerHour'),
          returnTripMinutes: Math.round(number('returnTripMinutes')),
          mainsVolts: Math.round(number('mainsVolts')),
          taxPercent: number('taxPercent'),
          warrantyMonths: Math.round(number('warrantyMonths')),
          email: form.value.email.trim(),
          zone: form.value.zone.trim(),
          dayFrom: minuteOfDay(form.value.dayFrom || '00:00'),
          dayUntil: minuteOfDay(form.value.dayUntil || '23:59'),
        },
      }),
    ),
  onSuccess: (kept) => {
    queryClient.setQueryData(['business'], kept)
    for (const queryKey of [['session'], ['call'], ['round'], ['board'], ['report'], ['meters']])
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
    class="bg-sheet border-line grid max-w-2xl content-start gap-3 rounded-xl border p-4"
    aria-labelledby="business-title"
    novalidate
    @submit.prevent="Object.keys(notNumbers).length || save.mutate()"
  >
    <h2 id="business-title" class="text-lg leading-tight">The business</h2>
    <Notice v-if="problem" :problem="problem" @again="save.mutate()" @dismiss="save.reset()" />
    <TextField v-model="form.name" label="Name in reports" :error="errors.name" maxlength="80" />
    <label class="grid gap-1">
      <span class="font-semibold">Address in reports</span>
      <textarea v-model="form.address" rows="3" maxlength="200" class="field py-2" />
    </label>
    <TextField v-model="form.phone" label="Phone" type="tel" :error="errors.phone" maxlength="40" />
    <TextField v-model="form.email" label="E-mail" type="email" :error="errors.email" maxlength="120" />
    <TextField v-model="form.taxNumber" label="Tax number" :error="errors.taxNumber" maxlength="40" />
    <TextField
      v-model="form.taxPercent"
      label="Tax in your prices, percent"
      hint="0 if you charge none"
      inputmode="decimal"
      :error="errors.taxPercent"
    />
    <TextField
      v-model="form.warrantyMonths"
      label="Warranty on repairs, months"
      hint="0 if reports are to say nothing of it"
      inputmode="numeric"
      :error="errors.warrantyMonths"
    />
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
    <div class="grid grid-cols-2 gap-3">
      <TextField v-model="form.dayFrom" label="The vans leave at" type="time" :error="errors.dayFrom" />
      <TextField v-model="form.dayUntil" label="Back by" type="time" :error="errors.dayUntil" />
    </div>
    <PlaceField
      v-model:latitude="form.latitude"
      v-model:longitude="form.longitude"
      label="Where they leave from, in degrees"
      hint="Rounds are planned from there and back; without it, a usual drive is taken"
      here="I am there: take this place"
      :error="errors.latitude || errors.longitude"
    />
    <label class="flex min-h-12 items-center gap-3">
      <input v-model="form.simulatedMeters" type="checkbox" class="accent-act size-6 shrink-0" />
      <span
        >Simulated meters and a simulated supplier, to try things out. Reports say which readings are
        simulated.</span
      >
    </label>
    <button class="btn" :disabled="save.isPending.value">Save</button>
    <p role="status" class="text-clean font-semibold">{{ save.isSuccess.value ? 'Kept.' : '' }}</p>
  </form>
</template>
