<script setup lang="ts">
import { computed } from 'vue'
import type { CustomerData } from '../api/types'
import type { Problem } from '../api/problem'
import DoorFields from './DoorFields.vue'
import TextField from '../ui/field/TextField.vue'

/** Who a customer is, to be entered or put right. */
const props = defineProps<{ problem?: Problem | null }>()
const data = defineModel<CustomerData>({ required: true })
const fields = computed(() => {
  const all = props.problem?.fields ?? {}
  return Object.fromEntries(Object.entries(all).map(([name, said]) => [name.replace(/^now\./, ''), said]))
})
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
    <DoorFields
      v-model:access="data.access"
      v-model:latitude="data.latitude"
      v-model:longitude="data.longitude"
      :errors="fields"
    />
  </div>
</template>
