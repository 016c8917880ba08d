<script setup lang="ts">
import { v7 as uuid } from 'uuid'
import { computed } from 'vue'
import type { Address } from '../api/types'
import TextField from '../ui/field/TextField.vue'

/** At which of a customer's addresses a new machine stands, or at one that is new as well. */
const props = defineProps<{ street: string; addresses: Address[]; errors: Record<string, string> }>()
/** Nothing for the customer's own address. */
const elsewhere = defineModel<Address>()

const NEW = 'new'
const isNew = computed(
  () => !!elsewhere.value && !props.addresses.some(({ id }) => id === elsewhere.value!.id),
)
const chosen = computed({
  get: () => (isNew.value ? NEW : (elsewhere.value?.id ?? '')),
  set: (id) =>
    (elsewhere.value =
      id === NEW ? { id: uuid(), street: '' } : props.addresses.find((address) => address.id === id)),
})
const change = (part: Partial<Address>) => (elsewhere.value = { ...elsewhere.value!, ...part })
</script>

<template>
  <div class="grid gap-3">
    <label class="grid gap-1">
      <span class="font-semibold">At which address</span>
      <select v-model="chosen" class="field">
        <option value="">{{ street }}</option>
        <option v-for="address in addresses" :key="address.id" :value="address.id">
          {{ address.street }}
        </option>
        <option :value="NEW">Another address</option>
      </select>
    </label>
    <template v-if="isNew">
      <TextField
        :model-value="elsewhere!.street"
        label="Its street, floor"
        :error="errors['customer.elsewhere.street']"
        maxlength="120"
        @update:model-value="change({ street: $event })"
      />
      <TextField
        :model-value="elsewhere!.access ?? ''"
        label="How to get in there"
        hint="Key, caretaker, where to park"
        :error="errors['customer.elsewhere.access']"
        maxlength="300"
        @update:model-value="change({ access: $event })"
      />
    </template>
  </div>
</template>
