<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { answer, api } from '../api/client'
import { useSession } from '../api/queries'
import { callKey, queryClient } from '../api/queryClient'
import { held, hold } from '../store/held'
import Notice from '../ui/Notice.vue'
import { useDraft } from '../ui/drafts'
import TextField from '../ui/TextField.vue'
import { useCallContext } from './context'
import CustomerFile from './CustomerFile.vue'

const { call } = useCallContext()
const { data: session } = useSession()
const blank = { name: '', street: '', phone: '' }
/** What stood there when somebody began to correct it, and what is to stand there. */
const draft = useDraft(`customer:${call.value.head.id}`, { begun: false, was: blank, now: blank })

function begin() {
  const { name, street, phone } = call.value.customer
  draft.value = { begun: true, was: { name, street, phone }, now: { name, street, phone } }
}
const leave = () => (draft.value = { begun: false, was: blank, now: blank })

const correct = useMutation({
  mutationFn: () => {
    const params = { path: { customerId: call.value.customer.id } }
    const { was, now } = draft.value
    return answer(() => api.PUT('/api/customers/{customerId}', { params, body: { was, now } }))
  },
  async onSuccess() {
    leave()
    const { id } = call.value.head
    if (await held(id)) await hold(id)
    await queryClient.invalidateQueries({ queryKey: callKey(id) })
    void queryClient.invalidateQueries({ queryKey: ['round'] })
  },
})
</script>

<template>
  <details class="border-line border-t py-1" :open="draft.begun">
    <summary class="min-h-12 cursor-pointer py-1 leading-tight">
      <span class="font-head font-bold">Customer</span>
      <span class="text-soft block text-[0.95rem]">{{ call.customer.name }}</span>
    </summary>
    <form v-if="draft.begun" class="grid gap-2 pb-2" novalidate @submit.prevent="correct.mutate()">
      <Notice
        v-if="correct.error.value"
        :problem="correct.error.value"
        @again="correct.mutate()"
        @dismiss="correct.reset()"
      />
      <TextField v-model="draft.now.name" label="Name" autocomplete="off" />
      <TextField v-model="draft.now.street" label="Street" autocomplete="off" />
      <TextField v-model="draft.now.phone" label="Phone" type="tel" autocomplete="off" />
      <div class="flex flex-wrap gap-2">
        <button type="submit" class="btn" :disabled="correct.isPending.value">Put it right</button>
        <button type="button" class="btn btn-quiet" @click="leave">Leave it</button>
      </div>
    </form>
    <template v-else>
      <p>{{ call.customer.street }}</p>
      <p>{{ call.customer.phone }}</p>
      <div class="-ml-4 flex flex-wrap">
        <button type="button" class="btn btn-quiet" @click="begin">Correct it</button>
        <CustomerFile v-if="session?.owner" />
      </div>
    </template>
  </details>
</template>
