<script setup lang="ts">
import { useId } from 'vue'
import type { Report } from '../api/types'

withDefaults(defineProps<{ section: Report['sections'][number]; level?: number }>(), { level: 2 })
const id = useId()
</script>

<template>
  <section :aria-labelledby="id">
    <component :is="`h${level}`" :id="id" :class="level > 2 ? 'font-bold' : 'text-xl'">
      {{ section.title }}
    </component>
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
