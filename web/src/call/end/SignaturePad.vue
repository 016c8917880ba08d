<script setup lang="ts">
import { ref } from 'vue'
import Strokes from '../../ui/drawing/Strokes.vue'
import { HEIGHT, strokesText, WIDTH, type Point, type Stroke } from '../../ui/drawing/strokes'

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
    <Strokes
      :strokes="strokesText(strokes)"
      class="border-edge aspect-3/1 w-full touch-none rounded-lg border-2 bg-white text-black"
      aria-label="Field to sign in"
      @pointerdown="begin"
      @pointermove="draw"
      @pointerup="end"
      @pointercancel="end"
    >
      <path d="M20 82H280" stroke="currentColor" stroke-dasharray="2 4" opacity="0.4" />
    </Strokes>
    <button type="button" class="btn btn-quiet justify-self-start" :disabled="!strokes.length" @click="clear">
      Sign anew
    </button>
  </div>
</template>
