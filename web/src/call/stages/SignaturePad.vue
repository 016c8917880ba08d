<script setup lang="ts">
import { ref } from 'vue'
import { HEIGHT, pathOf, strokesText, WIDTH, type Point, type Stroke } from '../../ui/strokes'

/** What is signed with a finger, as the core takes it; empty while nothing is. */
const text = defineModel<string>({ required: true })
const strokes = ref<Stroke[]>([])

/** Where a finger is, in the field as the core knows it. */
function pointOf(event: PointerEvent): Point {
  const field = (event.currentTarget as SVGElement).getBoundingClientRect()
  const within = (value: number, most: number) => Math.min(most, Math.max(0, value * most))
  return [
    within((event.clientX - field.left) / field.width, WIDTH),
    within((event.clientY - field.top) / field.height, HEIGHT),
  ]
}

function begin(event: PointerEvent) {
  ;(event.currentTarget as SVGElement).setPointerCapture(event.pointerId)
  strokes.value.push([pointOf(event)])
}

function draw(event: PointerEvent) {
  if (event.buttons) strokes.value.at(-1)?.push(pointOf(event))
}

const end = () => (text.value = strokesText(strokes.value))

function clear() {
  strokes.value = []
  text.value = ''
}
</script>

<template>
  <div class="grid gap-2">
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      class="border-edge aspect-3/1 w-full touch-none rounded-lg border-2 bg-white text-black"
      role="img"
      aria-label="Field to sign in"
      @pointerdown="begin"
      @pointermove="draw"
      @pointerup="end"
      @pointercancel="end"
    >
      <path d="M20 82H280" stroke="currentColor" stroke-dasharray="2 4" opacity="0.4" />
      <path
        :d="pathOf(strokesText(strokes))"
        fill="none"
        stroke="currentColor"
        stroke-width="2"
        stroke-linecap="round"
        stroke-linejoin="round"
      />
    </svg>
    <button type="button" class="btn btn-quiet justify-self-start" :disabled="!strokes.length" @click="clear">
      Sign anew
    </button>
  </div>
</template>
