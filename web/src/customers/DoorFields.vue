<script setup lang="ts">
import PlaceField from '../ui/field/PlaceField.vue'
import TextField from '../ui/field/TextField.vue'

/** How somebody gets to a door, and in. */
defineProps<{ errors: Record<string, string> }>()
const access = defineModel<string>('access')
const latitude = defineModel<number>('latitude')
const longitude = defineModel<number>('longitude')
</script>

<template>
  <TextField
    :model-value="access ?? ''"
    label="How to get in"
    hint="Key, dog, where to park"
    autocomplete="off"
    maxlength="300"
    :error="errors.access"
    @update:model-value="access = $event"
  />
  <PlaceField
    v-model:latitude="latitude"
    v-model:longitude="longitude"
    label="Where it is, in degrees"
    hint="Driving is reckoned from it; without one, a usual drive is taken"
    here="I am at the door: take this place"
    :error="errors.latitude || errors.longitude"
  />
</template>
