<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useSession } from '../api/queries'
import type { StockedPart } from '../api/types'
import Chips from '../ui/field/Chips.vue'
import Failure from '../ui/Failure.vue'
import ListFile from './ListFile.vue'
import OrderList from './OrderList.vue'
import PartLine from './PartLine.vue'
import PartSheet from './PartSheet.vue'
import { useParts } from './queries'

const { data: session } = useSession()
const SHOWN = { parts: 'Parts', order: 'To order' }
const shown = ref<keyof typeof SHOWN>('parts')
const text = ref('')
const { data, failureReason, refetch, hasNextPage, fetchNextPage, isFetching } = useParts(
  refDebounced(text, 200),
)
const parts = computed(() => (data.value?.pages ?? []).flat())
/** The part that is looked at; none while a new one is entered. */
const chosen = ref<StockedPart>()
const open = ref(false)
/** As it is now: its counts change while it is looked at. */
const current = computed(
  () => parts.value.find(({ part }) => part.id === chosen.value?.part.id) ?? chosen.value,
)

function show(one?: StockedPart) {
  chosen.value = one
  open.value = true
}
</script>

<template>
  <main class="mx-auto w-full max-w-4xl px-3 pb-10 sm:px-6">
    <header class="flex flex-wrap items-end justify-between gap-3 py-4">
      <h1 class="text-3xl leading-tight">Shelf</h1>
      <Chips v-model="shown" label="What to show" :options="SHOWN" hide-label />
    </header>
    <OrderList v-if="shown === 'order'" />
    <template v-else>
      <div class="mb-4 flex flex-wrap gap-2">
        <label class="min-w-60 flex-1">
          <span class="sr-only">Find a part</span>
          <input
            v-model="text"
            type="search"
            class="field"
            placeholder="Number, name, maker, supplier or place"
          />
        </label>
        <button v-if="session?.lead" type="button" class="btn btn-act" @click="show()">New part</button>
      </div>
      <Failure :reason="failureReason" class="mb-4" @again="refetch()" />
      <ul v-if="session" aria-label="Parts" role="list">
        <PartLine
          v-for="one in parts"
          :key="one.part.id"
          :stocked="one"
          :session="session"
          @choose="show(one)"
        />
      </ul>
      <p v-if="data && !parts.length" class="text-soft py-4">
        {{ text.trim() ? 'No part has all of these words.' : 'No part is on the list yet.' }}
      </p>
      <button
        v-if="hasNextPage"
        type="button"
        class="btn mt-3"
        :disabled="isFetching"
        @click="fetchNextPage()"
      >
        More parts
      </button>
      <ListFile class="mt-6" :lead="!!session?.lead" />
    </template>
    <PartSheet v-if="session" v-model="open" :stocked="current" :session="session" />
  </main>
</template>
