<script setup lang="ts">
import { computed, ref } from 'vue'
import TextField from './TextField.vue'

/** A place on the ground, in degrees: typed as maps give it, or where this phone is. */
defineProps<{ label: string; hint: string; here: string; error?: string }>()
const latitude = defineModel<number>('latitude')
const longitude = defineModel<number>('longitude')

const place = computed(() =>
  latitude.value == null || longitude.value == null
    ? ''
    : `${latitude.value.toFixed(4)}, ${longitude.value.toFixed(4)}`,
)
const finding = ref(false)
const wrong = ref('')

function take(north?: number, east?: number) {
  latitude.value = north
  longitude.value = east
}
function type(text: string) {
  const [north, east, more] = text
    .trim()
    .split(/[,\s]+/)
    .map(Number)
  const whole = Number.isFinite(north) && Number.isFinite(east) && more === undefined
  wrong.value = whole || !text.trim() ? '' : 'Write two numbers in degrees, like 53.5461, 9.9662.'
  if (whole) take(north, east)
  else if (!text.trim()) take()
}
function takeHere() {
  finding.value = true
  wrong.value = ''
  navigator.geolocation.getCurrentPosition(
    ({ coords }) => {
      finding.value = false
      take(coords.latitude, coords.longitude)
    },
    () => {
      finding.value = false
      wrong.value = 'This device does not say where it is. Allow it in the browser, and try again.'
    },
    { enableHighAccuracy: true, timeout: 20_000 },
  )
}
</script>

<template>
  <div>
    <TextField
      :model-value="place"
      :label="label"
      :hint="hint"
      autocomplete="off"
      :error="wrong || error"
      @change="type(($event.target as HTMLInputElement).value)"
    />
    <button type="button" class="btn mt-2" :disabled="finding" @click="takeHere">
      {{ finding ? 'Looking …' : here }}
    </button>
  </div>
</template>
