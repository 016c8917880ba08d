<script setup lang="ts">
import { ref } from 'vue'
import type { Layer, Piece } from '../../api/types'
import LineDrawing from '../../ui/drawing/LineDrawing.vue'
import Tick from '../../ui/field/Tick.vue'
import { useCallContext } from '../context'
import WaysIn from '../about/WaysIn.vue'
import { handling, learntText, screwsText } from '../job'

const props = defineProps<{ layer: Layer; next?: boolean }>()
const { call, actions } = useCallContext()
/** What may well stay where it is, is not ticked at first. */
const off = ref<Record<string, boolean>>({})
const isOff = (piece: Piece) => off.value[piece.id] ?? !piece.optional
const chosen = () => props.layer.pieces.filter(isOff).map((piece) => piece.id)
const label = (piece: Piece) =>
  [piece.name, ...piece.screws.map(screwsText), handling(piece), learnt(piece)].filter(Boolean).join(' · ')
function learnt(piece: Piece) {
  const learner = call.value.open.held[piece.id]
  return learner && learntText(learner)
}
</script>

<template>
  <section class="border-line grid gap-1.5 rounded-lg border-2 p-3" :aria-labelledby="`layer-${layer.id}`">
    <h3 :id="`layer-${layer.id}`" class="text-lg leading-tight">{{ layer.name }}</h3>
    <WaysIn :layers="[layer.id]" />
    <LineDrawing v-if="layer.drawing" :drawing="layer.drawing" />
    <Tick
      v-for="piece in layer.pieces"
      :key="piece.id"
      :label="label(piece)"
      :model-value="isOff(piece)"
      @update:model-value="off[piece.id] = $event"
    />
    <button
      type="button"
      class="btn"
      :class="{ 'btn-act': next }"
      :disabled="actions.busy.value || !chosen().length"
      @click="actions.layDown(chosen())"
    >
      Taken off
    </button>
  </section>
</template>
