<script setup lang="ts">
import { computed } from 'vue'
import { useCallContext } from '../context'

const { call, stage } = useCallContext()
const away = computed(() => stage.touched.value && stage.touched.value !== call.value.stands)
const title = computed(() => call.value.ring.find((s) => s.stage === call.value.stands)!.title)
const step = computed(() => call.value.assessment.plan.next?.name)
</script>

<template>
  <button v-if="away && !call.closedAt" type="button" class="btn btn-act min-h-14 py-2" @click="stage.show()">
    Go on: {{ step ?? title }}
  </button>
</template>
