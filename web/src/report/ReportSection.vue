<script setup lang="ts">
import { useId } from 'vue'
import type { Report } from '../api/types'

defineProps<{ section: Report['sections'][number] }>()
const id = useId()
</script>

<template>
  <section :aria-labelledby="id">
    <h2 :id="id" class="text-xl">{{ section.title }}</h2>
    <p v-if="section.text" class="whitespace-pre-line">{{ section.text }}</p>
    <ul v-if="section.points.length" class="list-disc pl-5">
      <li v-for="point in section.points" :key="point">{{ point }}</li>
    </ul>
    <ul v-if="section.rows.length">
      <li
        v-for="(row, i) in section.rows"
        :key="i"
        class="border-line flex justify-between gap-4 border-b border-dashed py-1"
      >
        <span>{{ row.what }}</span>
        <b class="text-right font-semibold">{{ row.result }}</b>
      </li>
    </ul>
  </section>
</template>
