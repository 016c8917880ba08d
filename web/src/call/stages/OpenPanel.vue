<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Laid, Line } from '../../api/types'
import { byId } from '../../judgement/byId'
import PanelHead from '../../ui/PanelHead.vue'
import { useCallContext } from '../context'
import { useUpkeep } from '../upkeep/useUpkeep'
import GoOn from './GoOn.vue'
import LayerToLay from '../tray/LayerToLay.vue'
import PieceSheet from '../tray/PieceSheet.vue'
import TrayPiece from '../tray/TrayPiece.vue'

const { call, pack, step } = useCallContext()
const { next } = useUpkeep()

/** Layer of what is done next, which leads what is proposed. */
const nextLayer = computed(
  () =>
    next.value?.layer ??
    byId(pack.value.checks, step.value?.id)?.layer ??
    byId(pack.value.remedies, step.value?.id)?.layer,
)
const layers = computed(() =>
  call.value.open.layers
    .map((layer) => {
      const known = new Set(call.value.open.toLay[layer.id])
      return { ...layer, pieces: layer.pieces.filter((piece) => known.has(piece.id)) }
    })
    .filter((layer) => layer.pieces.length),
)
/** Layers of which something is wanted on the tray: of those opened so far, and of the step ahead. */
const wanted = computed(() =>
  layers.value.filter(({ id }) => call.value.open.wanted[nextLayer.value ?? '']!.includes(id)),
)
const others = computed(() => layers.value.filter((layer) => !wanted.value.includes(layer)))
const editing = ref<Line<Laid>>()
const sheet = ref(false)
function edit(line?: Line<Laid>) {
  editing.value = line
  sheet.value = true
}
</script>

<template>
  <PanelHead label="Open" title="Parts you take off" />
  <div class="grid gap-3 p-4">
    <template v-if="!call.head.closing">
      <LayerToLay v-for="(layer, i) in wanted" :key="layer.id" :layer="layer" :next="!i" />
      <details v-if="others.length" class="border-line border-b pb-1">
        <summary class="min-h-12 cursor-pointer py-3">Other places to open</summary>
        <div class="grid gap-3 pb-2">
          <LayerToLay v-for="layer in others" :key="layer.id" :layer="layer" />
        </div>
      </details>
      <button type="button" class="btn" @click="edit()">Something else came off</button>
    </template>
    <section aria-labelledby="tray-title">
      <h3 id="tray-title" class="text-lg">On the tray, in the order it came off</h3>
      <ol v-if="call.job.pieces.length">
        <TrayPiece v-for="line in call.job.pieces" :key="line.id" :line="line" @edit="edit(line)" />
      </ol>
      <p v-else class="text-soft">Nothing yet.</p>
    </section>
    <GoOn />
  </div>
  <PieceSheet v-model="sheet" :line="editing" />
</template>
