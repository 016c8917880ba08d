<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useSession } from '../api/queries'
import type { StockedPart } from '../api/types'
import Chips from '../ui/field/Chips.vue'
import Failure from '../ui/Failure.vue'
import ListFile from './ListFile.vue'
import OrderList from './OrderList.vue'
import PartLine from './PartLine.vue'
import PartSheet from './PartSheet.vue'
import ScanButton from './ScanButton.vue'
import Labels from './Labels.vue'
import { useParts } from './queries'

const { data: session } = useSession()
const SHOWN = { parts: 'Parts', order: 'To order' }
const shown = ref<keyof typeof SHOWN>('parts')
const text = ref('')
const asked = refDebounced(text, 200)
const { data, failureReason, refetch, hasNextPage, fetchNextPage, isFetching } = useParts(asked)
const parts = computed(() => (data.value?.pages ?? []).flatMap((page) => page.parts))
/** Whether it is only what this device knows. */
const here = computed(() => data.value?.pages.some((page) => page.here))
/** The part that is looked at; none while a new one is entered. */
const chosen = ref<StockedPart>()
const open = ref(false)
/** As it is now: its counts change while it is looked at. */
const current = computed(
  () => parts.value.find(({ part }) => part.id === chosen.value?.part.id) ?? chosen.value,
)

/** What was read, or typed by a scanner that ends with Enter, and is not shown yet. */
const awaited = ref<string>()
const sameText = (a: string, b: string) => a.toLowerCase() === b.toLowerCase()
function find(read: string) {
  text.value = read
  awaited.value = read.trim()
}
const showFound = () => find(text.value)
/** The only one that has it, or the one whose number it is. */
watch([awaited, data, isFetching], () => {
  if (!awaited.value || isFetching.value || asked.value.trim() !== awaited.value) return
  const found =
    parts.value.length === 1
      ? parts.value[0]
      : parts.value.find(({ part }) => sameText(part.number, awaited.value!))
  awaited.value = undefined
  if (found) show(found)
})

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
    <OrderList v-if="shown === 'order' && session" :session="session" />
    <template v-else>
      <div class="mb-4 flex flex-wrap gap-2">
        <label class="min-w-60 flex-1">
          <span class="sr-only">Find a part</span>
          <input
            v-model="text"
            type="search"
            class="field"
            placeholder="Number, name, maker, place or barcode"
            @keydown.enter="showFound"
          />
        </label>
        <ScanButton @read="find" />
        <button v-if="session?.lead && !here" type="button" class="btn btn-act" @click="show()">
          New part
        </button>
      </div>
      <Failure :reason="failureReason" class="mb-4" @again="refetch()" />
      <p v-if="here" class="border-warn bg-warn-pale mb-3 border-l-8 px-3 py-2" role="status">
        Without signal: what is on your van, as this device knows it. What you change is sent as soon as there
        is some.
      </p>
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
      <Labels v-if="parts.length && !here" class="mt-6" :text="text" />
      <ListFile v-if="!here" :lead="!!session?.lead" />
    </template>
    <PartSheet v-if="session" v-model="open" :stocked="current" :session="session" :here="here" />
  </main>
</template>
