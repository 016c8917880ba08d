<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed } from 'vue'
import type { PathState } from '../api/types'
import { percent } from '../ui/format'
import { boreShape } from './boreShape'
import { byId, useCallContext } from './context'

const props = defineProps<{ path: PathState }>()
defineEmits<{ touch: [station: string] }>()
const { pack } = useCallContext()
const vertical = useMediaQuery('(max-width: 59.99rem)')

const known = computed(() => byId(pack.value.paths, props.path.path)!)
/** Fresh at the start of the path, fainter behind every likely blockage: what gets through. */
const stations = computed(() => {
  let through = 1
  return props.path.stations.map((state, i) => {
    through *= 1 - 0.7 * state.chance
    return {
      ...state,
      name: byId(known.value.stations, state.station)!.name,
      shape: boreShape(state.chance, vertical.value, i * 2),
      strength: 0.25 + 0.75 * through,
      words: state.cleared
        ? 'cleared'
        : state.chance >= 0.01
          ? `${percent(state.chance)} in the way`
          : 'hardly',
    }
  })
})
</script>

<template>
  <section :aria-label="`${known.name} path`" class="bore" :class="{ vertical }">
    <h3 class="label-read text-soft mt-2 mb-1">
      {{ known.name }} <span aria-hidden="true">{{ vertical ? '↓' : '→' }}</span>
    </h3>
    <ol>
      <li v-for="station in stations" :key="station.station">
        <button
          type="button"
          :aria-label="`${station.name}: ${station.words}`"
          @click="$emit('touch', station.station)"
        >
          <span class="pipe">
            <span class="grime absolute inset-0" />
            <span class="absolute inset-0 bg-[#eaf3f1]" :style="{ clipPath: station.shape }">
              <span
                class="absolute inset-0"
                :class="known.medium === 'WATER' ? 'bg-water' : 'bg-air'"
                :style="{ opacity: station.strength }"
              />
            </span>
            <span class="reading">
              <template v-if="station.cleared">✓</template>
              <template v-else-if="station.chance >= 0.01">{{ percent(station.chance) }}</template>
            </span>
          </span>
          <span class="name" :class="{ 'font-bold': station.chance >= 0.2 }">{{ station.name }}</span>
        </button>
      </li>
    </ol>
  </section>
</template>

<style scoped>
@reference '../styles.css';
.bore ol {
  @apply flex;
}
.bore li {
  @apply border-rubber min-w-0 flex-1 border-l-3 first:border-l-0;
}
.bore button {
  @apply flex w-full flex-col items-stretch;
}
.bore button:hover .name {
  @apply underline decoration-dotted underline-offset-4;
}
.pipe {
  @apply border-rubber relative block h-17 border-y-6;
}
.reading {
  @apply absolute inset-0 grid place-items-center font-mono text-sm font-bold;
  paint-order: stroke;
  -webkit-text-stroke: 4px white;
}
.name {
  @apply bg-enamel -ml-[3px] block pt-1 text-center text-[0.95rem] leading-tight;
}
.vertical ol {
  @apply flex-col;
}
.vertical li {
  @apply border-t-3 border-l-0 first:border-t-0;
  border-image: linear-gradient(to right, var(--color-rubber) 3.75rem, transparent 3.75rem) 1;
}
.vertical button {
  @apply min-h-14 flex-row;
}
.vertical .pipe {
  @apply h-auto w-15 shrink-0 border-x-6 border-y-0;
}
.vertical .name {
  @apply ml-0 self-center pl-2 text-left;
}
</style>
