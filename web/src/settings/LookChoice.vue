<script setup lang="ts">
import { LOOKS, useLook } from '../ui/look'

const { store: look } = useLook()
</script>

<template>
  <fieldset class="bg-sheet border-line rounded-xl border p-4">
    <legend class="sr-only">Screen</legend>
    <p class="font-head text-lg leading-tight font-bold" aria-hidden="true">Screen</p>
    <p class="text-soft text-sm">of this device</p>
    <label v-for="(name, key) in LOOKS" :key="key" class="flex min-h-12 items-center gap-3 leading-tight">
      <input v-model="look" type="radio" class="accent-act size-6 shrink-0" name="look" :value="key" />
      <span>{{ name }}</span>
    </label>
  </fieldset>
</template>
