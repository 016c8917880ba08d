<script setup lang="ts">
import { computed } from 'vue'
import type { WayOpen } from '../../api/types'
import { byId } from '../../judgement/byId'
import Chips from '../../ui/field/Chips.vue'
import { learntText } from '../job'
import { useCallContext } from '../context'

const props = defineProps<{ layers: string[] }>()
const { call, pack, actions } = useCallContext()

const ways = computed(() =>
  call.value.open.ways
    .filter((way) => way.layers.some((layer) => props.layers.includes(layer)))
    .map((way) => {
      const { ask, choices } = byId(pack.value.ways, way.way)!
      const names = Object.fromEntries(choices.map(({ id, name }) => [id, name]))
      return { ...way, ask, names, name: names[way.choice] }
    }),
)
/** What is known better than from the know-how. */
const known = computed(() => ways.value.filter((way) => way.found || way.learntFrom))

function take({ way }: WayOpen, choice?: string) {
  const line = call.value.job.ways.find(({ what }) => what.way === way)
  if (choice) void actions.write({ kind: 'way-found', way, choice }, line)
}
</script>

<template>
  <div v-if="ways.length">
    <p v-for="way in known" :key="way.way" class="text-[0.95rem]">
      <b>{{ way.ask }}</b> {{ way.name }}<template v-if="way.found"> – found here.</template>
      <span v-else-if="way.learntFrom" class="text-soft"> – {{ learntText(way.learntFrom) }}.</span>
    </p>
    <details v-if="!call.head.closing">
      <summary class="min-h-12 cursor-pointer py-3 font-semibold">It opens otherwise</summary>
      <Chips
        v-for="way in ways"
        :key="way.way"
        class="pb-3"
        :label="way.ask"
        :options="way.names"
        :model-value="way.found ? way.choice : undefined"
        @update:model-value="take(way, $event)"
      />
    </details>
  </div>
</template>
