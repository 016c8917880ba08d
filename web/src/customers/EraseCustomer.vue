<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import type { Customer } from '../api/types'
import { callKey, queryClient } from '../api/queryClient'
import { letGo } from '../store/held/held'
import { forgetDraftsOf } from '../ui/kept/drafts'
import { forgetLastCall } from '../ui/kept/lastCall'
import Notice from '../ui/Notice.vue'
import Sheet from '../ui/Sheet.vue'
import TextField from '../ui/field/TextField.vue'

const props = defineProps<{
  customer: Customer
  /** That is open, and goes with them. */
  call?: string
}>()
const router = useRouter()
const open = ref(false)
/** The name once more, as nothing of this can be taken back. */
const typed = ref('')
const same = computed(() => typed.value.trim().toLowerCase() === props.customer.name.toLowerCase())

const erase = useMutation({
  mutationFn: () =>
    answer(() =>
      api.DELETE('/api/customers/{customerId}', { params: { path: { customerId: props.customer.id } } }),
    ),
  async onSuccess() {
    await router.push(props.call ? '/round' : '/customers')
    if (props.call) {
      await letGo(props.call)
      forgetDraftsOf(props.call)
      queryClient.removeQueries({ queryKey: callKey(props.call) })
    }
    forgetLastCall()
    await queryClient.invalidateQueries()
  },
})

function ask() {
  erase.reset()
  typed.value = ''
  open.value = true
}
</script>

<template>
  <a :href="`/api/customers/${customer.id}/customer.json`" class="btn btn-quiet" download
    >Export customer data</a
  >
  <button type="button" class="btn btn-quiet" @click="ask">Delete customer and all records</button>
  <Sheet v-model="open" :title="`Delete ${customer.name}?`">
    <form novalidate @submit.prevent="same && erase.mutate()">
      <Notice
        v-if="erase.error.value"
        :problem="erase.error.value"
        @again="erase.mutate()"
        @dismiss="erase.reset()"
      />
      <p>
        The customer, their machines and every call about these are taken off file, with photos, notes and
        reports, here and on every device. It cannot be taken back. What stays says nothing of whom: the
        counts on the vans, and who did what kind of thing when.
      </p>
      <p class="mt-2">Backups that were made before still have them.</p>
      <TextField v-model="typed" class="mt-3" label="Type their name to go on" autocomplete="off" />
      <div class="mt-4 flex flex-wrap gap-2">
        <button type="submit" class="btn btn-act" :disabled="!same || erase.isPending.value">
          Delete for good
        </button>
        <button type="button" class="btn" @click="open = false">Cancel</button>
      </div>
    </form>
  </Sheet>
</template>
