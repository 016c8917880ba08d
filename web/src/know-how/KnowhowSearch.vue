<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { watch } from 'vue'
import { useFound } from '../api/queries'
import type { Knowhow } from '../api/types'
import { matching } from '../judgement/findings'
import TextField from '../ui/field/TextField.vue'
import { everything } from './everything'

const MOST = 12
const props = defineProps<{ knowhow: Knowhow }>()
const text = ref('')
const all = computed(() => everything(props.knowhow))
/** What people mean by the words, on a machine with all that there is. */
const { data: hits } = useFound(
  () => ({ kind: props.knowhow.pack.id, features: props.knowhow.pack.features.map((feature) => feature.id) }),
  text,
)
const found = computed(() => {
  if (!text.value.trim()) return []
  const names = (hits.value ?? []).map((hit) => `${hit.kind.toLowerCase()}:${hit.name}`)
  const meant = names.flatMap((name) => all.value.find(({ tag, label }) => `${tag}:${label}` === name) ?? [])
  return [...new Set([...matching(all.value, text.value), ...meant])]
})

const route = useRoute()
watch(
  () => route.fullPath,
  () => (text.value = ''),
)
</script>

<template>
  <div class="relative" role="search">
    <TextField
      v-model="text"
      label="Find"
      type="search"
      placeholder="A fault, symptom, check, remedy or code"
    />
    <ul
      v-if="text.trim()"
      class="border-edge absolute inset-x-0 top-full z-10 mt-1 max-h-96 overflow-y-auto rounded-lg border-2 bg-paper shadow-lg"
      aria-label="Found"
    >
      <li v-for="find in found.slice(0, MOST)" :key="find.tag + find.label + find.to">
        <RouterLink
          :to="find.to"
          class="hover:bg-enamel flex min-h-12 items-center justify-between gap-3 px-3 py-1 leading-tight"
          @click="text = ''"
        >
          <span>{{ find.label }}</span>
          <span class="text-soft text-right font-mono text-xs font-semibold">{{ find.tag }}</span>
        </RouterLink>
      </li>
      <li v-if="found.length > MOST" class="text-soft px-3 py-2 text-sm">
        {{ found.length - MOST }} more: type another word.
      </li>
      <li v-if="!found.length" class="px-3 py-3">Nothing by that name.</li>
    </ul>
  </div>
</template>
