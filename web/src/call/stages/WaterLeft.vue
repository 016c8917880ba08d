<script setup lang="ts">
import { computed } from 'vue'
import type { Pack } from '../../api/types'
import Stepper from '../../ui/field/Stepper.vue'
import { useDraft } from '../../ui/kept/drafts'
import { useCallContext } from '../context'

defineProps<{ water: NonNullable<Pack['water']> }>()
const { call, actions } = useCallContext()
const line = computed(() => call.value.job.water[0])
const draft = useDraft(`water:${call.value.head.id}:${line.value?.version ?? 0}`, {
  levelCm: 5,
  vesselLitres: 4,
  ...(line.value && { levelCm: line.value.what.levelCm, vesselLitres: line.value.what.vesselLitres }),
})
const standing = computed(() => call.value.safe.standing)
const fills = computed(() => standing.value?.fills ?? 0)
</script>

<template>
  <section class="border-line grid gap-2 rounded-lg border-2 p-3" aria-labelledby="water-title">
    <h3 id="water-title" class="text-lg leading-tight">Water still in it</h3>
    <template v-if="!call.head.closing">
      <p>{{ water.ask }}</p>
      <Stepper
        v-model="draft.levelCm"
        label="Level over the floor of the tub"
        hide-label
        unit="cm"
        :max="water.mostCentimetres"
      />
      <p>What does the pan in your hand hold?</p>
      <Stepper
        v-model="draft.vesselLitres"
        label="Pan"
        hide-label
        unit="L"
        :min="0.5"
        :step="0.5"
        :max="100"
      />
      <button
        type="button"
        class="btn"
        :disabled="actions.busy.value"
        @click="actions.write({ ...draft, kind: 'water-left' }, line)"
      >
        How much is that?
      </button>
    </template>
    <p v-if="standing && line" role="status">
      <b>About {{ Math.round(standing.litres) }} L: {{ fills === 1 ? 'one pan' : `${fills} pans` }}</b> of
      {{ line.what.vesselLitres }} L.
      <span class="text-soft text-sm">
        {{ water.areaSquareMetres }} m² of tub × {{ line.what.levelCm }} cm + {{ water.hoseLitres }} L in hose
        and pump; good to about a quarter.
      </span>
    </p>
  </section>
</template>
