<script setup lang="ts">
import { v7 as uuid } from 'uuid'
import { computed } from 'vue'
import type { Address, AddressData } from '../api/types'
import DoorFields from './DoorFields.vue'
import TextField from '../ui/field/TextField.vue'
import { useDraft } from '../ui/kept/drafts'
import { mapOf } from '../ui/text/links'
import Notice from '../ui/Notice.vue'
import { usePutAddress, useRemoveAddress } from './queries'

/** Where else a customer has machines: flats that they let, a second home. */
const props = defineProps<{ customer: string; addresses: Address[] }>()

const NONE = { id: '', street: '', access: '' }
/** The one that is typed; without an id none is. */
const draft = useDraft<AddressData & { id: string }>(`address:${props.customer}`, { ...NONE })
const put = usePutAddress(() => props.customer)
const remove = useRemoveAddress(() => props.customer)
const problem = computed(() => put.error.value ?? remove.error.value)
const fields = computed(() => put.error.value?.fields ?? {})
const isNew = computed(() => !props.addresses.some(({ id }) => id === draft.value.id))

const begin = ({ id, street, access, at }: Address) =>
  (draft.value = {
    id,
    street,
    access: access ?? '',
    latitude: at?.latitude,
    longitude: at?.longitude,
  })
function leave() {
  draft.value = { ...NONE }
  dismiss()
}
const save = () => put.mutate(draft.value, { onSuccess: leave })
function dismiss() {
  put.reset()
  remove.reset()
}
</script>

<template>
  <section aria-labelledby="addresses-title">
    <h2 id="addresses-title" class="mb-2 text-xl">Other addresses</h2>
    <Notice v-if="problem" :problem="problem" class="mb-2" @again="save" @dismiss="dismiss" />
    <ul
      v-if="addresses.length"
      role="list"
      class="bg-sheet border-line mb-2 overflow-hidden rounded-xl border"
    >
      <li
        v-for="address in addresses"
        :key="address.id"
        class="border-line border-b px-4 py-2 leading-tight last:border-b-0"
      >
        <b>{{ address.street }}</b>
        <span v-if="address.access" class="block text-sm">Getting in: {{ address.access }}</span>
        <span class="-ml-4 flex flex-wrap">
          <a class="btn btn-quiet" :href="mapOf(address)">Map</a>
          <button type="button" class="btn btn-quiet" @click="begin(address)">Correct it</button>
          <button type="button" class="btn btn-quiet" @click="remove.mutate(address.id)">Remove</button>
        </span>
      </li>
    </ul>
    <form
      v-if="draft.id"
      class="bg-sheet border-line grid gap-3 rounded-xl border p-4"
      novalidate
      @submit.prevent="save"
    >
      <TextField v-model="draft.street" label="Street" autocomplete="off" :error="fields.street" />
      <DoorFields
        v-model:access="draft.access"
        v-model:latitude="draft.latitude"
        v-model:longitude="draft.longitude"
        :errors="fields"
      />
      <div class="flex flex-wrap gap-2">
        <button class="btn btn-act" :disabled="put.isPending.value">
          {{ isNew ? 'Add the address' : 'Put it right' }}
        </button>
        <button type="button" class="btn btn-quiet" @click="leave">Leave it</button>
      </div>
    </form>
    <button v-else type="button" class="btn" @click="draft = { ...NONE, id: uuid() }">Another address</button>
  </section>
</template>
