<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { scaleLinear, scaleTime } from 'd3-scale'
import { line } from 'd3-shape'
import { computed, useTemplateRef } from 'vue'
import type { Curve } from '../api/types'
import { fullDay } from '../ui/text/clocks'

/** What was read at one place over the years, with the band in which sound machines read. */
const props = defineProps<{ curve: Curve }>()
const HEIGHT = 150
const SPACE = { top: 10, right: 12, bottom: 24, left: 44 }
const box = useTemplateRef('box')
const { width: boxWidth } = useElementSize(box, { width: 280, height: 0 })
const width = computed(() => Math.max(200, boxWidth.value))
const readings = computed(() => props.curve.readings)
const x = computed(() => {
  const times = readings.value.map(({ at }) => at)
  const [first, last] = [Math.min(...times), Math.max(...times)]
  return scaleTime([first, last === first ? first + 1 : last], [SPACE.left, width.value - SPACE.right])
})
const y = computed(() => {
  const all = [props.curve.low, props.curve.high, ...readings.value.map(({ value }) => value)]
  return scaleLinear([Math.min(...all), Math.max(...all)], [HEIGHT - SPACE.bottom, SPACE.top]).nice()
})
const path = computed(
  () =>
    line<Curve['readings'][number]>(
      ({ at }) => x.value(at),
      ({ value }) => y.value(value),
    )(readings.value) ?? '',
)
const figure = (value: number) => Number(value.toPrecision(3))
const words = computed(
  () =>
    `Sound machines read ${figure(props.curve.low)} to ${figure(props.curve.high)} ${props.curve.unit}. ` +
    readings.value.map(({ at, value }) => `${fullDay(at)}: ${figure(value)}`).join('. '),
)
const ends = computed(() => [readings.value[0]!, readings.value.at(-1)!])
</script>

<template>
  <figure ref="box" class="bg-sheet border-line min-w-0 rounded-xl border p-3">
    <figcaption class="font-semibold">{{ curve.name }}, {{ curve.unit }}</figcaption>
    <svg :viewBox="`0 0 ${width} ${HEIGHT}`" class="block w-full" role="img" :aria-label="words">
      <rect
        :x="SPACE.left"
        :width="width - SPACE.left - SPACE.right"
        :y="y(curve.high)"
        :height="Math.max(2, y(curve.low) - y(curve.high))"
        class="fill-clear"
      />
      <g class="fill-ink font-mono text-[11px]">
        <text
          v-for="tick in y.ticks(4)"
          :key="tick"
          :x="SPACE.left - 6"
          :y="y(tick)"
          text-anchor="end"
          dominant-baseline="middle"
        >
          {{ tick }}
        </text>
        <text
          v-for="(end, i) in ends"
          :key="i"
          :x="i ? width - SPACE.right : SPACE.left"
          :y="HEIGHT - 6"
          :text-anchor="i ? 'end' : 'start'"
        >
          {{ fullDay(end.at) }}
        </text>
      </g>
      <path :d="path" fill="none" class="stroke-edge" stroke-width="2" />
      <circle
        v-for="one in readings"
        :key="one.at"
        :cx="x(one.at)"
        :cy="y(one.value)"
        r="5"
        :class="one.simulated ? 'fill-sheet' : 'fill-act'"
        class="stroke-edge"
        stroke-width="2"
      />
    </svg>
    <p class="text-soft text-sm">
      Shaded: what sound machines read<template v-if="readings.some((one) => one.simulated)"
        >. Hollow: off a simulated meter</template
      >
    </p>
  </figure>
</template>
