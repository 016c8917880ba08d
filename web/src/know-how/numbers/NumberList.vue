<script setup lang="ts">
import { computed } from 'vue'
import { useNumbers } from '../../api/queries'
import type { Knowhow } from '../../api/types'
import { CONFIDENCE } from './numbers'
import NumberRows from './NumberRows.vue'

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
      <NumberRows :pack="pack" :numbers="of(source.id)" />
    </section>
    <details>
      <summary class="min-h-12 cursor-pointer py-3 font-semibold">
        The {{ of(undefined).length }} estimates
      </summary>
      <NumberRows :pack="pack" :numbers="of(undefined)" />
    </details>
  </template>
</template>
