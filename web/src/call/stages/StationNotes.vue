<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Remedy } from '../../api/types'
import { byId } from '../../judgement/byId'
import { useCallContext } from '../context'
import StationNote from './StationNote.vue'

const props = defineProps<{ remedies: Remedy[]; folded?: boolean }>()
const { call, pack } = useCallContext()
const added = ref<string[]>([])
const stations = computed(() => {
  const seen = new Set<string>()
  return pack.value.paths
    .flatMap((path) => path.stations)
    .filter((station) => !seen.has(station.id) && seen.add(station.id))
})
/** Where the remedies work, and where something was noted already. */
const here = computed(() => {
  const ids = new Set([
    ...props.remedies.flatMap((remedy) => call.value.cure.stationsOf[remedy.id] ?? []),
    ...call.value.job.conditions.map((line) => line.what.station),
    ...added.value,
  ])
  return stations.value.filter((station) => ids.has(station.id))
})
const elsewhere = computed(() => stations.value.filter((station) => !here.value.includes(station)))
const line = (station: string) => call.value.job.conditions.find(({ what }) => what.station === station)
/** The first place still to be judged stands open. */
const first = computed(() => here.value.find((station) => !line(station.id))?.id)

function add(event: Event) {
  const choice = event.target as HTMLSelectElement
  if (byId(stations.value, choice.value)) added.value.push(choice.value)
  choice.value = ''
}
</script>

<template>
  <section class="grid gap-2" aria-label="What was found">
    <StationNote
      v-for="station in here"
      :key="`${station.id} ${line(station.id)?.version}`"
      :station="station"
      :line="line(station.id)"
      :open="(station.id === first && !folded) || added.includes(station.id)"
    />
    <label v-if="!call.head.closing && !folded">
      <span class="sr-only">Found something elsewhere</span>
      <select class="field" @change="add">
        <option value="">Found something elsewhere …</option>
        <option v-for="station in elsewhere" :key="station.id" :value="station.id">{{ station.name }}</option>
      </select>
    </label>
  </section>
</template>
