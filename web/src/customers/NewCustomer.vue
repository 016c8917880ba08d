<script setup lang="ts">
import { v7 as uuid } from 'uuid'
import { useRouter } from 'vue-router'
import { useDraft } from '../ui/kept/drafts'
import Notice from '../ui/Notice.vue'
import Sheet from '../ui/Sheet.vue'
import CustomerForm from './CustomerForm.vue'
import { blankCustomer } from './data'
import { usePutCustomer } from './queries'

const open = defineModel<boolean>({ required: true })
const router = useRouter()
const draft = useDraft('new-customer', blankCustomer())
const id = uuid()
const put = usePutCustomer(id)

function save() {
  put.mutate(
    { now: draft.value },
    {
      onSuccess() {
        draft.value = blankCustomer()
        open.value = false
        void router.push(`/customers/${id}`)
      },
    },
  )
}
</script>

<template>
  <Sheet v-model="open" title="New customer">
    <form novalidate @submit.prevent="save">
      <Notice v-if="put.error.value" :problem="put.error.value" @again="save" @dismiss="put.reset()" />
      <CustomerForm v-model="draft" :problem="put.error.value" />
      <button class="btn btn-act mt-4" :disabled="put.isPending.value">Put on file</button>
    </form>
  </Sheet>
</template>
