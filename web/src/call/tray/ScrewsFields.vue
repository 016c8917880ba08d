<script setup lang="ts">
import Stepper from '../../ui/field/Stepper.vue'
import TextField from '../../ui/field/TextField.vue'
import Tick from '../../ui/field/Tick.vue'
import type { ScrewsForm } from './usePieceForm'

/** Screws of one kind; the rest is asked for once there are any. */
const screws = defineModel<ScrewsForm>({ required: true })
defineProps<{ title: string; freeCup: string }>()
</script>

<template>
  <fieldset class="grid gap-2">
    <legend class="font-semibold">{{ title }}</legend>
    <Stepper v-model="screws.count" label="screws" :max="99" />
    <template v-if="screws.count > 0">
      <div class="grid grid-cols-2 gap-2">
        <TextField
          v-model="screws.drive"
          label="Drive"
          required
          maxlength="40"
          placeholder="T20, Phillips #2"
        />
        <TextField v-model="screws.thread" label="Thread" maxlength="60" placeholder="for plastic, M4" />
        <TextField v-model="screws.place" label="Where" maxlength="80" placeholder="lower quarter" />
        <TextField v-model="screws.cup" label="Cup" maxlength="4" :placeholder="freeCup" />
      </div>
      <Stepper v-model="screws.lengthMm" label="long" unit="mm" :max="200" />
      <Tick v-model="screws.leftHand" label="Left-hand: they come loose to the right" />
    </template>
  </fieldset>
</template>
