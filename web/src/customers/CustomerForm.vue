<script setup lang="ts">
import { computed, ref } from 'vue'
import type { CustomerData } from '../api/types'
import type { Problem } from '../api/problem'
import TextField from '../ui/TextField.vue'

/** Who a customer is, to be entered or put right. */
const props = defineProps<{ problem?: Problem | null }>()
const data = defineModel<CustomerData>({ required: true })
const fields = computed(() => {
  const all = props.problem?.fields ?? {}
  return Object.fromEntries(Object.entries(all).map(([name, said]) => [name.replace(/^now\./, ''), said]))
})

const place = computed(() => {
  const { latitude, longitude } = data.value
  return latitude == null || longitude == null ? undefined : `${latitude.toFixed(4)}, ${longitude.toFixed(4)}`
})
const finding = ref(false)
const notFound = ref('')

/** Where this phone is: at the door, as it is asked for there. */
function takePlace() {
  finding.value = true
  notFound.value = ''
  navigator.geolocation.getCurrentPosition(
    ({ coords }) => {
      finding.value = false
      data.value = { ...data.value, latitude: coords.latitude, longitude: coords.longitude }
    },
    () => {
      finding.value = false
      notFound.value =
        'This phone does not say where it is. Allow it in the browser’s settings, and try again.'
    },
    { enableHighAccuracy: true, timeout: 20_000 },
  )
}
/** A place as maps give it: "53.5461, 9.9662". */
function typePlace(text: string) {
  const [latitude, longitude] = text.split(/[,\s]+/).map(Number)
  const whole = Number.isFinite(latitude) && Number.isFinite(longitude) && text.trim()
  data.value = {
    ...data.value,
    latitude: whole ? latitude : undefined,
    longitude: whole ? longitude : undefined,
  }
  notFound.value = whole || !text.trim() ? '' : 'Write two numbers in degrees, like 53.5461, 9.9662.'
}
</script>

<template>
  <div class="grid gap-3">
    <TextField v-model="data.name" label="Name" autocomplete="off" :error="fields.name" />
    <TextField v-model="data.street" label="Street" autocomplete="off" :error="fields.street" />
    <TextField v-model="data.phone" label="Phone" type="tel" autocomplete="off" :error="fields.phone" />
    <TextField
      :model-value="data.email ?? ''"
      label="E-mail"
      type="email"
      autocomplete="off"
      :error="fields.email"
      @update:model-value="data.email = $event"
    />
    <TextField
      :model-value="data.access ?? ''"
      label="How to get in"
      hint="Key, dog, where to park"
      autocomplete="off"
      maxlength="300"
      :error="fields.access"
      @update:model-value="data.access = $event"
    />
    <div>
      <TextField
        :model-value="place ?? ''"
        label="Where it is, in degrees"
        hint="Driving is reckoned from it; without one, a usual drive is taken"
        autocomplete="off"
        :error="notFound || fields.latitude || fields.longitude"
        @change="typePlace(($event.target as HTMLInputElement).value)"
      />
      <button type="button" class="btn mt-2" :disabled="finding" @click="takePlace">
        {{ finding ? 'Looking …' : 'I am at the door: take this place' }}
      </button>
    </div>
  </div>
</template>
