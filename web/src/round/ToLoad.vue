<script setup lang="ts">
import { computed } from 'vue'
import type { Round, ThingToLoad } from '../api/types'
import { percent } from '../ui/text/format'
import LoadTick from './LoadTick.vue'
import { useTicked } from '../ui/kept/ticked'

/** What the day's open calls may want on the van, to be ticked off beside it. */
const props = defineProps<{ round: Round }>()
const { names, tick } = useTicked(() => props.round.day)

const SORTS: Record<ThingToLoad['sort'], string> = {
  BIT: 'Bits',
  TOOL: 'Tools',
  METER: 'Meters',
  AGENT: 'Agents',
}
const groups = computed(() =>
  (Object.keys(SORTS) as ThingToLoad['sort'][])
    .map((sort) => ({ title: SORTS[sort], things: props.round.things.filter((one) => one.sort === sort) }))
    .filter(({ things }) => things.length),
)
const all = computed(() => [
  ...props.round.load.map((part) => part.name + part.complaint),
  ...props.round.things.map(({ name }) => name),
])
const left = computed(() => all.value.filter((name) => !names.value.has(name)).length)
const calls = (count: number) => (count === 1 ? 'one call' : `${count} calls`)
</script>

<template>
  <aside class="bg-sheet border-line rounded-xl border p-4" aria-labelledby="load-title">
    <h2 id="load-title" class="text-xl">What to load</h2>
    <p class="text-soft text-sm">
      {{ all.length && !left ? 'All of it is on the van.' : 'For open calls, by what is known of them now' }}
    </p>
    <ul class="mt-2" aria-label="Parts">
      <LoadTick
        v-for="part in round.load"
        :key="part.name + part.complaint"
        :ticked="names.has(part.name + part.complaint)"
        :name="part.name"
        @tick="tick(part.name + part.complaint)"
      >
        <span class="text-right font-mono text-sm font-semibold">{{ percent(part.chance) }}</span>
        <span class="text-soft col-start-2 text-sm">{{ part.complaint }}</span>
        <span
          class="text-right text-sm"
          :class="part.onVan ? 'text-clean font-semibold' : 'text-act font-semibold'"
        >
          {{ part.onVan ? `${part.onVan} on the van` : 'not on the van' }}
        </span>
      </LoadTick>
    </ul>
    <p v-if="!round.load.length" class="border-line border-t border-dashed py-2">
      No part stands out: expect cleaning. Symptoms asked for by phone sharpen this.
    </p>
    <details v-for="group in groups" :key="group.title" class="border-line border-t">
      <summary class="min-h-12 cursor-pointer py-3 font-semibold">
        {{ group.title }}
        <span class="text-soft font-normal">
          {{ group.things.filter(({ name }) => names.has(name)).length }} of {{ group.things.length }}
        </span>
      </summary>
      <ul :aria-label="group.title">
        <LoadTick
          v-for="thing in group.things"
          :key="thing.name"
          :ticked="names.has(thing.name)"
          :name="thing.name"
          @tick="tick(thing.name)"
        >
          <span class="text-soft text-sm">{{ calls(thing.calls) }}</span>
        </LoadTick>
      </ul>
    </details>
  </aside>
</template>
