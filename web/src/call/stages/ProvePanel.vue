<script setup lang="ts">
import { computed } from 'vue'
import { byId } from '../../judgement/byId'
import PanelHead from '../../ui/PanelHead.vue'
import { useCallContext } from '../context'
import FunctionProof from '../proof/FunctionProof.vue'
import GoOn from './GoOn.vue'
import Joints from '../proof/Joints.vue'
import LastLook from '../proof/LastLook.vue'

const { call, pack } = useCallContext()
const functions = computed(() => call.value.prove.functions.map((id) => byId(pack.value.proofs, id)!))
</script>

<template>
  <PanelHead label="Prove" title="Test run and leak check" />
  <div class="grid gap-4 p-4">
    <FunctionProof v-for="proof in functions" :key="proof.id" :proof="proof" />
    <p v-if="!functions.length">No repair recorded yet that could be proved.</p>
    <Joints v-else :proof="functions[0]!" />
    <LastLook />
    <GoOn />
  </div>
</template>
