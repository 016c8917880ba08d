<script setup lang="ts">
import { computed } from 'vue'
import { onKey } from '../../ui/keys'
import { titleOf } from '../../judgement/steps'
import { useCallContext } from '../context'
import { STAGE_TITLE } from '../ring/stageTitle'

const { call, stage } = useCallContext()
const away = computed(() => stage.touched.value && stage.touched.value !== call.value.stands)
const title = computed(() => STAGE_TITLE[call.value.stands])
/** What lies on the tray goes back first. */
const step = computed(() => {
  const { next } = call.value.assessment.plan
  return call.value.stands !== 'CLOSE' && next ? titleOf(next) : undefined
})

onKey('g', () => away.value && !call.value.head.closing && stage.show())
</script>

<template>
  <button
    v-if="away && !call.head.closing"
    type="button"
    class="btn btn-act min-h-14 py-2"
    @click="stage.show()"
  >
    Go on: {{ step ?? title }}
  </button>
</template>
