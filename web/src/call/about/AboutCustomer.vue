<script setup lang="ts">
import { useSession } from '../../api/queries'
import CustomerCard from '../../customers/CustomerCard.vue'
import CustomerForm from '../../customers/CustomerForm.vue'
import { blankCustomer, dataOf } from '../../customers/data'
import EraseCustomer from '../../customers/EraseCustomer.vue'
import { usePutCustomer } from '../../customers/queries'
import { useDraft } from '../../ui/kept/drafts'
import Notice from '../../ui/Notice.vue'
import { useCallContext } from '../context'

const { call } = useCallContext()
const { data: session } = useSession()
/** What stood there when somebody began to correct it, and what is to stand there. */
const draft = useDraft(`customer:${call.value.head.id}`, {
  begun: false,
  was: blankCustomer(),
  now: blankCustomer(),
})

function begin() {
  const stands = dataOf(call.value.customer)
  draft.value = { begun: true, was: stands, now: { ...stands } }
}
const leave = () => (draft.value = { begun: false, was: blankCustomer(), now: blankCustomer() })

const put = usePutCustomer(
  () => call.value.customer.id,
  () => call.value.head.id,
)
const save = () => put.mutate({ was: draft.value.was, now: draft.value.now }, { onSuccess: leave })
</script>

<template>
  <details class="border-line border-t py-1" :open="draft.begun">
    <summary class="min-h-12 cursor-pointer py-1 leading-tight">
      <span class="font-head font-bold">Customer</span>
      <span class="text-soft block text-[0.95rem]">{{ call.customer.name }}</span>
    </summary>
    <form v-if="draft.begun" class="grid gap-2 pb-2" novalidate @submit.prevent="save">
      <Notice v-if="put.error.value" :problem="put.error.value" @again="save" @dismiss="put.reset()" />
      <CustomerForm v-model="draft.now" :problem="put.error.value" />
      <div class="flex flex-wrap gap-2">
        <button type="submit" class="btn" :disabled="put.isPending.value">Put it right</button>
        <button type="button" class="btn btn-quiet" @click="leave">Leave it</button>
      </div>
    </form>
    <template v-else>
      <CustomerCard :customer="call.customer" />
      <div class="-ml-4 flex flex-wrap">
        <RouterLink :to="`/customers/${call.customer.id}`" class="btn btn-quiet">All their calls</RouterLink>
        <button type="button" class="btn btn-quiet" @click="begin">Correct it</button>
        <EraseCustomer v-if="session?.owner" :customer="call.customer" :call="call.head.id" />
      </div>
    </template>
  </details>
</template>
