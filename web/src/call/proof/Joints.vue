<script setup lang="ts">
import { computed } from 'vue'
import type { Proof } from '../../api/types'
import Tick from '../../ui/field/Tick.vue'
import { useCallContext } from '../context'
import { useProofRun } from './useProofRun'

/** @param proof during which the joints are watched */
const props = defineProps<{ proof: Proof }>()
const { call, actions } = useCallContext()
const { run, change } = useProofRun(() => props.proof)
const joints = computed(() =>
  call.value.job.pieces.map((line) => line.what).filter((piece) => piece.joint && piece.place === 'BACK'),
)
const watched = (piece: string, dry: boolean) =>
  change({ dry: dry ? [...run.value.dry, piece] : run.value.dry.filter((one) => one !== piece) })
</script>

<template>
  <section v-if="joints.length" class="grid gap-1.5" aria-labelledby="joints-title">
    <h3 id="joints-title" class="text-lg">Check every joint you opened</h3>
    <Tick
      v-for="piece in joints"
      :key="piece.id"
      :label="`Stays dry: ${piece.name}`"
      :model-value="call.job.proofs.some(({ what }) => what.dry.includes(piece.id))"
      :disabled="!!call.head.closing || actions.busy.value"
      @update:model-value="watched(piece.id, $event)"
    />
  </section>
</template>
