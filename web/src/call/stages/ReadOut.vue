<script setup lang="ts">
import CautionNote from '../../ui/CautionNote.vue'
import { useCallContext } from '../context'

const { call, pack } = useCallContext()
</script>

<template>
  <section v-if="call.now.alarms.length" class="grid gap-2" aria-labelledby="read-out-title">
    <h3 id="read-out-title" class="text-lg">By telephone, read this out and ask for nothing</h3>
    <CautionNote v-for="caution in call.now.alarms" :key="caution" :pack="pack" :caution="caution" />
  </section>
</template>
