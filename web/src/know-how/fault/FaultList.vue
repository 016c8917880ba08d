<script setup lang="ts">
import { computed } from 'vue'
import type { Fault, Knowhow } from '../../api/types'
import { needsText } from '../needs'

const props = defineProps<{ knowhow: Knowhow }>()

/** The machine from its inlet to its outlet, and what can be wrong at each station; a fault stands where it is met first. */
const places = computed(() => {
  const { paths, faults } = props.knowhow.pack
  const met = new Set<string>()
  const firstHere = (station: string): Fault[] =>
    faults.filter((fault) => fault.at.includes(station) && !met.has(fault.id) && met.add(fault.id))
  const along = paths.map((path) => ({
    id: path.id,
    name: path.name,
    stations: path.stations.map((station) => ({ ...station, faults: firstHere(station.id) })),
  }))
  const elsewhere = faults.filter((fault) => !met.has(fault.id))
  return elsewhere.length
    ? [
        ...along,
        {
          id: 'elsewhere',
          name: 'Not on a path',
          stations: [{ id: 'elsewhere', name: '', needs: [], faults: elsewhere }],
        },
      ]
    : along
})
</script>

<template>
  <div class="gap-x-8 md:columns-2 xl:columns-3">
    <section
      v-for="path in places"
      :key="path.id"
      class="mb-6 break-inside-avoid"
      :aria-labelledby="`path-${path.id}`"
    >
      <h2 :id="`path-${path.id}`" class="text-xl">{{ path.name }}</h2>
      <ol>
        <li
          v-for="station in path.stations"
          :key="station.id"
          class="border-line grid grid-cols-[7.5rem_1fr] gap-x-3 border-b border-dashed py-1"
        >
          <span class="text-soft py-2 leading-tight"
            >{{ station.name
            }}<span v-if="station.needs.length" class="block text-xs">{{
              needsText(station.needs, knowhow.pack)
            }}</span></span
          >
          <ul>
            <li v-for="fault in station.faults" :key="fault.id">
              <RouterLink
                :to="`/know-how/${knowhow.pack.id}/faults/${fault.id}`"
                class="flex min-h-12 items-center leading-tight underline decoration-dotted underline-offset-4"
                >{{ fault.name }}<span v-if="fault.danger" class="ml-2" title="Dangerous">⚠</span></RouterLink
              >
            </li>
          </ul>
        </li>
      </ol>
    </section>
  </div>
</template>
