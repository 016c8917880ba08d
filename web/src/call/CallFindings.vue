<script setup lang="ts">
import { computed } from 'vue'
import FindingSearch from '../judgement/FindingSearch.vue'
import { useCallContext } from './context'

const { call, pack, codes, actions } = useCallContext()
const settled = computed(() => new Set(call.value.entries.map((entry) => entry.subject)))
</script>

<template>
  <FindingSearch
    :pack="pack"
    :codes="codes"
    :signs="call.applicable.signs"
    :settled="settled"
    :draft-key="call.id"
    :placeholder="call.entries.length ? 'What else? A sign, or the code shown' : 'The code shown, or a sign'"
    :busy="actions.busy.value"
    :enter="actions.enter"
    any-code
    upwards
  />
</template>
