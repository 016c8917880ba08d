<script setup lang="ts">
import { computed, ref } from 'vue'
import { useKindNames, useSession } from '../api/queries'
import type { CustomerFile } from '../api/types'
import NewCallSheet from '../round/NewCallSheet.vue'
import { isoToday } from '../ui/text/clocks'
import { useDraft } from '../ui/kept/drafts'
import { dayName } from '../ui/text/format'
import Failure from '../ui/Failure.vue'
import Notice from '../ui/Notice.vue'
import CustomerCard from './CustomerCard.vue'
import CustomerForm from './CustomerForm.vue'
import EraseCustomer from './EraseCustomer.vue'
import { blankCustomer, dataOf, doorOf, ofMachine } from './data'
import OtherAddresses from './OtherAddresses.vue'
import { useCustomer, usePutCustomer } from './queries'

const props = defineProps<{ id: string }>()
const { data: session } = useSession()
const { data: file, failureReason, refetch } = useCustomer(() => props.id)
const kindName = useKindNames()

const draft = useDraft(`customer-file:${props.id}`, {
  begun: false,
  was: blankCustomer(),
  now: blankCustomer(),
})
const put = usePutCustomer(() => props.id)
function correct() {
  const stands = dataOf(file.value!.customer)
  draft.value = { begun: true, was: stands, now: { ...stands } }
}
const leave = () => (draft.value = { begun: false, was: blankCustomer(), now: blankCustomer() })
const save = () => put.mutate({ was: draft.value.was, now: draft.value.now }, { onSuccess: leave })

const calling = ref(false)
const onlyMachine = computed(() => (file.value?.machines.length === 1 ? file.value.machines[0] : undefined))
const start = computed(
  () =>
    file.value && {
      customer: ofMachine(file.value, onlyMachine.value),
      machine: onlyMachine.value,
    },
)
const state = ({ closed, cancelled }: CustomerFile['calls'][number]) =>
  cancelled ? 'cancelled' : closed ? 'closed' : 'open'
const machineOf = (id: string) => {
  const machine = file.value?.machines.find((one) => one.id === id)
  return machine ? `${machine.maker} ${machine.model}`.trim() : ''
}
</script>

<template>
  <main class="mx-auto w-full max-w-4xl px-3 pb-10 sm:px-6">
    <Failure :reason="failureReason" class="my-4" @again="refetch()" />
    <template v-if="file">
      <header class="flex flex-wrap items-end justify-between gap-3 py-4">
        <h1 class="text-3xl leading-tight">{{ file.customer.name }}</h1>
        <button type="button" class="btn btn-act" @click="calling = true">New call</button>
      </header>
      <div class="desk:grid-cols-2 grid items-start gap-6">
        <section class="bg-sheet border-line rounded-xl border p-4" aria-label="Who they are">
          <form v-if="draft.begun" novalidate @submit.prevent="save">
            <Notice v-if="put.error.value" :problem="put.error.value" @again="save" @dismiss="put.reset()" />
            <CustomerForm v-model="draft.now" :problem="put.error.value" />
            <div class="mt-3 flex flex-wrap gap-2">
              <button class="btn btn-act" :disabled="put.isPending.value">Put it right</button>
              <button type="button" class="btn btn-quiet" @click="leave">Leave it</button>
            </div>
          </form>
          <template v-else>
            <CustomerCard :customer="file.customer" />
            <div class="mt-2 -ml-4 flex flex-wrap">
              <button type="button" class="btn btn-quiet" @click="correct">Correct it</button>
              <EraseCustomer v-if="session?.owner" :customer="file.customer" />
            </div>
          </template>
        </section>
        <section aria-labelledby="machines-title">
          <h2 id="machines-title" class="mb-2 text-xl">Machines</h2>
          <ul
            v-if="file.machines.length"
            role="list"
            class="bg-sheet border-line overflow-hidden rounded-xl border"
          >
            <li
              v-for="machine in file.machines"
              :key="machine.id"
              class="border-line border-b last:border-b-0"
            >
              <RouterLink
                :to="`/machines/${machine.id}`"
                class="hover:bg-paper block min-h-14 px-4 py-2 leading-tight"
              >
                <b>{{ kindName(machine.kind) }}, {{ machine.maker }} {{ machine.model }}</b>
                <span class="text-soft block text-sm">
                  <span class="font-mono">{{ machine.serial || 'no serial number yet' }}</span><template
                    v-if="machine.place"
                  >
                    · {{ machine.place }}</template
                  ><template v-if="file.elsewhere[machine.id]">
                    · {{ doorOf(ofMachine(file, machine)).street }}</template
                  >
                </span>
              </RouterLink>
            </li>
          </ul>
          <p v-else class="text-soft">None yet: a machine comes on file with the first call about it.</p>
          <OtherAddresses class="mt-6" :customer="file.customer.id" :addresses="file.addresses" />
        </section>
      </div>
      <section class="mt-6" aria-labelledby="calls-title">
        <h2 id="calls-title" class="mb-2 text-xl">Calls</h2>
        <ul
          v-if="file.calls.length"
          role="list"
          class="bg-sheet border-line overflow-hidden rounded-xl border"
        >
          <li v-for="call in file.calls" :key="call.id" class="border-line border-b last:border-b-0">
            <RouterLink
              :to="`/calls/${call.id}`"
              class="hover:bg-paper grid min-h-14 items-center gap-x-4 px-4 py-2 leading-tight sm:grid-cols-[11rem_1fr_auto]"
            >
              <span>{{ dayName(call.day) }}</span>
              <span>
                <b>{{ call.complaint || 'Upkeep' }}</b>
                <span class="text-soft block text-sm">{{ machineOf(call.machineId) }}</span>
              </span>
              <span :class="call.closed ? 'text-soft' : 'text-act font-semibold'">{{ state(call) }}</span>
            </RouterLink>
          </li>
        </ul>
        <p v-else class="text-soft">None yet.</p>
      </section>
      <NewCallSheet :key="file.machines.length" v-model="calling" :day="isoToday()" :start="start" />
    </template>
  </main>
</template>
