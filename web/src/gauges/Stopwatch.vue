<script setup lang="ts">
import { useStopwatch } from './useStopwatch'

const props = defineProps<{ watchKey: string }>()
const emit = defineEmits<{ stop: [seconds: string] }>()
const watch = useStopwatch(props.watchKey)
</script>

<template>
  <button v-if="watch.running.value" type="button" class="btn btn-act" @click="emit('stop', watch.stop())">
    Stop at <span role="timer" class="font-mono">{{ watch.face.value }} s</span>
  </button>
  <button v-else type="button" class="btn" @click="watch.start()">Stopwatch</button>
</template>
