<script setup lang="ts">
import { computed } from 'vue'
import type { WayOpen } from '../api/types'
import { learntText } from './job'
import { useCallContext } from './context'

const props = defineProps<{ layers: string[] }>()
const { call, actions } = useCallContext()

const ways = computed(() =>
  call.value.open.ways.filter((way) => way.layers.some((layer) => props.layers.includes(layer))),
)
const name = (way: WayOpen) => way.choices.find(({ id }) => id === way.choice)!.name
/** What is known better than from the know-how. */
const known = computed(() => ways.value.filter((way) => way.found || way.learntFrom))
const line = (way: WayOpen) => call.value.job.ways.find(({ what }) => what.way === way.way)
const take = (way: WayOpen, choice: string) =>
  actions.write({ kind: 'way-found', way: way.way, choice }, line(way))
</script>

<template>
  <div v-if="ways.length">
    <p v-for="way in known" :key="way.way" class="text-[0.95rem]">
      <b>{{ way.ask }}</b> {{ name(way) }}<template v-if="way.found"> – found here.</template>
      <span v-else-if="way.learntFrom" class="text-soft"> – {{ learntText(way.learntFrom) }}.</span>
    </p>
    <details v-if="!call.head.closing">
      <summary class="min-h-12 cursor-pointer py-3 font-semibold">It opens otherwise</summary>
      <fieldset v-for="way in ways" :key="way.way" class="grid gap-1.5 pb-3">
        <legend class="mb-1">{{ way.ask }}</legend>
        <button
          v-for="choice in way.choices"
          :key="choice.id"
          type="button"
          class="btn justify-start text-left"
          :class="{ 'bg-rubber text-white': choice.id === way.choice }"
          :aria-pressed="choice.id === way.choice"
          :disabled="actions.busy.value"
          @click="take(way, choice.id)"
        >
          {{ choice.name }}
        </button>
      </fieldset>
    </details>
  </div>
</template>
