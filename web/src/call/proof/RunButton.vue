<script setup lang="ts">
import { computed } from 'vue'
import type { Proof } from '../../api/types'
import { useCallContext } from '../context'
import { usePower } from '../step/usePower'
import { useProofRun } from './useProofRun'

/** Counts one more time that a function was seen to work; not there while it may not run, or is not for whoever works here. */
const props = defineProps<{ proof: Proof }>()
const { call, actions } = useCallContext()
const { run, change } = useProofRun(() => props.proof)
const { blocked } = usePower(() => ({ kind: 'PROVE', id: props.proof.id }))
const there = computed(
  () => !call.value.head.closing && !blocked.value && !call.value.prove.handedOn.includes(props.proof.id),
)
</script>

<template>
  <button
    v-if="there"
    type="button"
    class="btn min-h-14 text-lg"
    :disabled="actions.busy.value"
    @click="change({ runs: run.runs + 1 })"
  >
    It worked{{ run.runs ? ' again' : '' }}
  </button>
</template>
