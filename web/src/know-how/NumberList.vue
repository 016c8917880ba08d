<script setup lang="ts">
import { computed } from 'vue'
import { useNumbers } from '../api/queries'
import type { Knowhow } from '../api/types'
import { addressName, CONFIDENCE } from './numbers'

/** Where the numbers come from, the surest first; what nobody claims is an estimate. */
const props = defineProps<{ knowhow: Knowhow }>()
const pack = computed(() => props.knowhow.pack)
const { data: numbers } = useNumbers(() => pack.value.id)

const ORDER = Object.keys(CONFIDENCE)
const sources = computed(() =>
  [...pack.value.sources].sort((a, b) => ORDER.indexOf(a.confidence) - ORDER.indexOf(b.confidence)),
)
const of = (source?: string) => numbers.value?.filter((number) => number.source === source) ?? []
</script>

<template>
  <template v-if="numbers">
    <p class="mb-4 max-w-3xl">
      {{ numbers.length - of(undefined).length }} of {{ numbers.length }} numbers have a source. All others
      are estimates: they order causes and steps sensibly, and want replacing by what your own calls show.
    </p>
    <section v-for="source in sources" :key="source.id" class="mb-6" :aria-labelledby="`source-${source.id}`">
      <h2 :id="`source-${source.id}`" class="text-lg leading-tight">{{ source.text }}</h2>
      <p class="text-soft text-sm">{{ source.on }} · {{ CONFIDENCE[source.confidence] }}</p>
      <ul class="gap-x-8 md:columns-2">
        <li
          v-for="number in of(source.id)"
          :key="number.address"
          class="border-line flex break-inside-avoid items-baseline justify-between gap-3 border-b border-dashed py-1 leading-tight"
        >
          <span>{{ addressName(pack, number.address) }}</span>
          <b class="font-mono text-sm">{{ number.value }}</b>
        </li>
      </ul>
    </section>
    <details>
      <summary class="min-h-12 cursor-pointer py-3 font-semibold">
        The {{ of(undefined).length }} estimates
      </summary>
      <ul class="gap-x-8 md:columns-2">
        <li
          v-for="number in of(undefined)"
          :key="number.address"
          class="border-line flex break-inside-avoid items-baseline justify-between gap-3 border-b border-dashed py-1 leading-tight"
        >
          <span>{{ addressName(pack, number.address) }}</span>
          <b class="font-mono text-sm">{{ number.value }}</b>
        </li>
      </ul>
    </details>
  </template>
</template>
