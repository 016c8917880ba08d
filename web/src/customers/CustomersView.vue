<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import { away } from '../api/client'
import { useSession } from '../api/queries'
import Chips from '../ui/field/Chips.vue'
import Failure from '../ui/Failure.vue'
import AlikeList from './AlikeList.vue'
import DueList from './DueList.vue'
import HomeLine from './HomeLine.vue'
import NewCustomer from './NewCustomer.vue'
import TakeCustomers from './TakeCustomers.vue'
import { useCustomers } from './queries'

const { data: session } = useSession()
const SHOWN = { all: 'All', due: 'Due' }
const shown = ref<'all' | 'due' | 'alike'>('all')
const options = computed(
  () => (session.value?.lead ? { ...SHOWN, alike: 'Twice?' } : SHOWN) as Record<typeof shown.value, string>,
)
const text = ref('')
const { data, failureReason, refetch, hasNextPage, fetchNextPage, isFetching } = useCustomers(
  refDebounced(text, 200),
)
const homes = computed(() => (data.value?.pages ?? []).flat())
const adding = ref(false)
</script>

<template>
  <main class="mx-auto w-full max-w-4xl px-3 pb-10 sm:px-6">
    <header class="flex flex-wrap items-end justify-between gap-3 py-4">
      <h1 class="text-3xl leading-tight">Customers</h1>
      <Chips v-model="shown" label="What to show" :options="options" hide-label />
    </header>
    <DueList v-if="shown === 'due'" />
    <AlikeList v-else-if="shown === 'alike'" />
    <template v-else>
      <div class="mb-3 flex flex-wrap gap-2">
        <label class="min-w-60 flex-1">
          <span class="sr-only">Find a customer</span>
          <input
            v-model="text"
            type="search"
            class="field"
            placeholder="Name, street, phone, model or serial"
          />
        </label>
        <button type="button" class="btn btn-act" @click="adding = true">New customer</button>
      </div>
      <Failure :reason="failureReason" class="mb-4" @again="refetch()" />
      <p v-if="away" class="text-soft mb-2">
        Without signal, these are the customers of the next days. All others are found with signal.
      </p>
      <ul aria-label="Customers" role="list">
        <HomeLine v-for="home in homes" :key="home.customer.id" :home="home" />
      </ul>
      <p v-if="data && !homes.length" class="text-soft py-4">
        {{ text.trim() ? 'Nobody has all of these words.' : 'Nobody is on file yet.' }}
      </p>
      <button
        v-if="hasNextPage"
        type="button"
        class="btn mt-3"
        :disabled="isFetching"
        @click="fetchNextPage()"
      >
        More customers
      </button>
      <TakeCustomers v-if="session?.lead" />
    </template>
    <NewCustomer v-model="adding" />
  </main>
</template>
