<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answer, api } from '../api/client'
import { callKey, queryClient } from '../api/queryClient'
import { held, hold } from '../store/held'
import Notice from '../ui/Notice.vue'
import TextField from '../ui/TextField.vue'
import { useCallContext } from './context'

const { call } = useCallContext()
/** What stood there when it was begun to be corrected, and what is to stand there; nothing while nobody does. */
const was = ref<typeof call.value.customer>()
const now = ref({ name: '', street: '', phone: '' })

function begin() {
  was.value = call.value.customer
  now.value = { ...call.value.customer }
}

const correct = useMutation({
  mutationFn: () => {
    const { id: customerId, name, street, phone } = was.value!
    const { name: newName, street: newStreet, phone: newPhone } = now.value
    const body = {
      was: { name, street, phone },
      now: { name: newName, street: newStreet, phone: newPhone },
    }
    return answer(() => api.PUT('/api/customers/{customerId}', { params: { path: { customerId } }, body }))
  },
  async onSuccess() {
    was.value = undefined
    const { id } = call.value.head
    if (await held(id)) await hold(id)
    await queryClient.invalidateQueries({ queryKey: callKey(id) })
    void queryClient.invalidateQueries({ queryKey: ['round'] })
  },
})
</script>

<template>
  <details class="border-line border-t py-1">
    <summary class="min-h-12 cursor-pointer py-1 leading-tight">
      <span class="font-head font-bold">Customer</span>
      <span class="text-soft block text-[0.95rem]">{{ call.customer.name }}</span>
    </summary>
    <form v-if="was" class="grid gap-2 pb-2" novalidate @submit.prevent="correct.mutate()">
      <Notice
        v-if="correct.error.value"
        :problem="correct.error.value"
        @again="correct.mutate()"
        @dismiss="correct.reset()"
      />
      <TextField v-model="now.name" label="Name" autocomplete="off" />
      <TextField v-model="now.street" label="Street" autocomplete="off" />
      <TextField v-model="now.phone" label="Phone" type="tel" autocomplete="off" />
      <div class="flex flex-wrap gap-2">
        <button type="submit" class="btn" :disabled="correct.isPending.value">Put it right</button>
        <button type="button" class="btn btn-quiet" @click="was = undefined">Leave it</button>
      </div>
    </form>
    <template v-else>
      <p>{{ call.customer.street }}</p>
      <p>{{ call.customer.phone }}</p>
      <button type="button" class="btn btn-quiet -ml-4" @click="begin">Correct it</button>
    </template>
  </details>
</template>
