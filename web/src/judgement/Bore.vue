<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed } from 'vue'
import type { Pack, PathState } from '../api/types'
import { percent } from '../ui/text/format'
import { boreShape } from './boreShape'
import { byId } from './byId'

const MEDIUM = { WATER: 'bg-water', AIR: 'bg-air', HEAT: 'bg-heat', POWER: 'bg-power' }

const props = defineProps<{
  pack: Pack
  path: PathState
  slim?: boolean
  /** Open share of the stations where it was measured. */
  openings?: Record<string, number>
  /** Flow or suction that was read at stations, as a share of a sound machine's. */
  flows?: Record<string, number>
}>()
defineEmits<{ touch: [station: string] }>()
const vertical = useMediaQuery('(max-width: 59.99rem)')

const known = computed(() => byId(props.pack.paths, props.path.path)!)
/** Fresh at the start of the path, fainter behind every likely blockage: what gets through. */
const stations = computed(() => {
  let through = 1
  return props.path.stations.map((state, i) => {
    const open = props.openings?.[state.station]
    through *= 1 - 0.7 * (open === undefined ? state.chance : 1 - open)
    const measured = open === undefined ? undefined : `${percent(open)} open`
    return {
      ...state,
      name: byId(known.value.stations, state.station)!.name,
      shape: boreShape(open === undefined ? state.chance : 1 - open, vertical.value, i * 2),
      measured,
      flow: props.flows?.[state.station],
      strength: 0.25 + 0.75 * through,
      words: measured
        ? `measured, ${measured}`
        : state.cleared
          ? 'cleared'
          : state.chance >= 0.01
            ? `${percent(state.chance)} in the way`
            : 'hardly',
    }
  })
})
</script>

<template>
  <section :aria-label="`${known.name} path`" class="bore" :class="{ vertical, slim }">
    <h3 class="label-read text-soft mt-2 mb-1">
      {{ known.name }} <span aria-hidden="true">{{ vertical ? '↓' : '→' }}</span>
    </h3>
    <ol>
      <li v-for="station in stations" :key="station.station">
        <button
          type="button"
          :aria-label="`${station.name}: ${station.words}${station.flow === undefined ? '' : `, reads ${percent(station.flow)} of a sound one`}`"
          @click="$emit('touch', station.station)"
        >
          <span class="pipe">
            <span class="grime absolute inset-0" />
            <span class="absolute inset-0 bg-clear" :style="{ clipPath: station.shape }">
              <span
                class="absolute inset-0"
                :class="MEDIUM[known.medium]"
                :style="{ opacity: station.strength }"
              />
            </span>
          </span>
          <span class="reading" :class="{ 'text-clean': station.cleared }"
            ><span v-if="station.measured" class="measured">{{ station.measured }}</span
            ><span v-else-if="station.cleared || station.chance >= 0.01">{{
              station.cleared ? '✓' : percent(station.chance)
            }}</span></span
          >
          <span class="name" :class="{ 'font-bold': station.chance >= 0.2 }"
            >{{ station.name
            }}<span v-if="station.flow !== undefined" class="flow"
              >reads {{ percent(station.flow) }}</span
            ></span
          >
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
  @apply border-edge min-w-0 flex-1 border-l-3 first:border-l-0;
}
.bore button {
  @apply relative flex h-full w-full flex-col items-stretch;
}
.bore button:hover .name {
  @apply underline decoration-dotted underline-offset-4;
}
.pipe {
  @apply border-edge relative block h-17 border-y-6;
}
.reading {
  @apply absolute inset-x-0 top-0 grid h-17 place-items-center font-mono text-sm font-bold;
}
.reading > span {
  @apply rounded bg-paper/90 px-1.5 leading-5;
}
.reading > .measured {
  @apply border-edge border-2;
}
.name {
  @apply bg-enamel -ml-[3px] block grow pt-1 text-center text-[0.95rem] leading-tight;
}
.flow {
  @apply border-edge mx-1 inline-block rounded border px-1 font-mono text-xs font-semibold;
}
.slim .pipe {
  @apply h-9;
}
.slim .reading {
  @apply h-9 text-xs;
}
.vertical ol {
  @apply flex-col;
}
.vertical li {
  @apply border-0;
}
.vertical button {
  @apply grid min-h-14 grid-cols-[3.75rem_1fr] grid-rows-2 gap-x-2 text-left;
}
.vertical .pipe {
  @apply row-span-2 h-auto border-x-6 border-y-0;
}
.vertical li + li .pipe {
  @apply border-t-3;
}
.vertical .name {
  @apply order-1 ml-0 self-end pt-0 text-left;
}
.vertical .reading {
  @apply static order-2 block h-auto text-left text-xs leading-snug;
}
.vertical .reading > span {
  @apply bg-transparent px-0;
}
.vertical.slim button {
  @apply min-h-12;
}
.vertical.slim .pipe {
  @apply h-auto;
}
</style>
