<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { computed, useTemplateRef } from 'vue'
import type { Picture } from '../api/types'

const props = defineProps<{ picture: Picture }>()
const DASHES = { SOLID: undefined, DASHED: '9 5', DOTTED: '2 5' }
const SPACE = { top: 14, right: 14, bottom: 46, left: 56 }
const box = useTemplateRef('box')
const { width: boxWidth } = useElementSize(box, { width: 480, height: 0 })

const width = computed(() => Math.max(280, boxWidth.value))
const height = computed(() => Math.min(340, Math.max(230, 0.6 * width.value)))
const points = computed(() => [
  ...props.picture.curves.flatMap((curve) => curve.points),
  ...props.picture.marks,
])
function extent(of: 'x' | 'y'): [number, number] {
  const all = points.value.map((point) => point[of])
  const least = Math.min(...all)
  const most = Math.max(...all)
  const from = least > 0 && least < 0.4 * most ? 0 : least
  return from === most ? [from, from + 1] : [from, most]
}
const x = computed(() => scaleLinear(extent('x'), [SPACE.left, width.value - SPACE.right]).nice())
const y = computed(() => scaleLinear(extent('y'), [height.value - SPACE.bottom, SPACE.top]).nice())
const path = computed(() =>
  line<{ x: number; y: number }>(
    (point) => x.value(point.x),
    (point) => y.value(point.y),
  ),
)
/** A label stands where there is room: left of a mark in the right half. */
const marks = computed(() =>
  props.picture.marks.map((mark, i) => {
    const at = { x: x.value(mark.x), y: y.value(mark.y) }
    const left = at.x > 0.6 * width.value
    return { ...mark, at, own: i === 0, anchor: left ? 'end' : 'start', dx: left ? -13 : 13 }
  }),
)
const axis = ({ name, unit }: { name: string; unit: string }) => (unit ? `${name}, ${unit}` : name)
const words = computed(
  () =>
    `${axis(props.picture.y)} by ${axis(props.picture.x)}. ` +
    props.picture.marks
      .map(({ name, x: atX, y: atY }) => `${name}: ${atX.toPrecision(3)}, ${atY.toPrecision(3)}`)
      .join('. '),
)
</script>

<template>
  <figure ref="box" class="min-w-0">
    <svg :viewBox="`0 0 ${width} ${height}`" class="block w-full" role="img" :aria-label="words">
      <g class="fill-ink font-mono text-[12px]">
        <template v-for="tick in y.ticks(5)" :key="`y${tick}`">
          <line :x1="SPACE.left" :x2="width - SPACE.right" :y1="y(tick)" :y2="y(tick)" class="stroke-line" />
          <text :x="SPACE.left - 8" :y="y(tick)" text-anchor="end" dominant-baseline="middle">
            {{ tick }}
          </text>
        </template>
        <text
          v-for="tick in x.ticks(width < 400 ? 4 : 7)"
          :key="`x${tick}`"
          :x="x(tick)"
          :y="height - SPACE.bottom + 18"
          text-anchor="middle"
        >
          {{ tick }}
        </text>
      </g>
      <line
        :x1="SPACE.left"
        :x2="SPACE.left"
        :y1="SPACE.top"
        :y2="height - SPACE.bottom"
        class="stroke-edge"
        stroke-width="2"
      />
      <line
        :x1="SPACE.left"
        :x2="width - SPACE.right"
        :y1="height - SPACE.bottom"
        :y2="height - SPACE.bottom"
        class="stroke-edge"
        stroke-width="2"
      />
      <text :x="(SPACE.left + width) / 2" :y="height - 8" text-anchor="middle" class="fill-ink text-[14px]">
        {{ axis(picture.x) }}
      </text>
      <text
        :transform="`translate(14 ${(height - SPACE.bottom) / 2}) rotate(-90)`"
        text-anchor="middle"
        class="fill-ink text-[14px]"
      >
        {{ axis(picture.y) }}
      </text>
      <path
        v-for="curve in picture.curves"
        :key="curve.name"
        :d="path(curve.points) ?? ''"
        fill="none"
        class="stroke-edge"
        stroke-width="3"
        stroke-linecap="round"
        :stroke-dasharray="DASHES[curve.stroke]"
      />
      <g v-for="mark in marks" :key="mark.name">
        <circle
          v-if="mark.own"
          :cx="mark.at.x"
          :cy="mark.at.y"
          r="8"
          class="fill-act stroke-sheet"
          stroke-width="2"
        />
        <rect
          v-else
          :x="mark.at.x - 6"
          :y="mark.at.y - 6"
          width="12"
          height="12"
          class="fill-sheet stroke-edge"
          stroke-width="3"
        />
        <text
          :x="mark.at.x + mark.dx"
          :y="mark.at.y - 10"
          :text-anchor="mark.anchor"
          class="fill-ink stroke-sheet text-[14px] font-bold"
          stroke-width="4"
          paint-order="stroke"
        >
          {{ mark.name }}
        </text>
      </g>
    </svg>
    <figcaption class="flex flex-wrap gap-x-5 gap-y-1 pt-1 text-sm">
      <span v-for="curve in picture.curves" :key="curve.name" class="inline-flex items-center gap-2">
        <svg width="36" height="6" aria-hidden="true">
          <line
            x1="2"
            x2="34"
            y1="3"
            y2="3"
            class="stroke-edge"
            stroke-width="3"
            stroke-linecap="round"
            :stroke-dasharray="DASHES[curve.stroke]"
          />
        </svg>
        {{ curve.name }}
      </span>
    </figcaption>
  </figure>
</template>
