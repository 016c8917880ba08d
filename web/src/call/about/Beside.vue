<script setup lang="ts">
import { ref } from 'vue'
import NewCallSheet from '../../round/NewCallSheet.vue'
import { isoDay } from '../../ui/text/format'
import { useCallContext } from '../context'

const { call } = useCallContext()
const adding = ref(false)
</script>

<template>
  <section class="border-line border-t py-2" aria-label="Other machines here">
    <RouterLink
      v-for="other in call.beside"
      :key="other.callId"
      :to="`/calls/${other.callId}`"
      class="flex min-h-12 items-center justify-between gap-2 leading-tight underline decoration-dotted underline-offset-4"
    >
      <span>{{ other.kind }}, {{ other.maker }} {{ other.model }}</span>
      <span class="text-soft text-sm">{{ other.closedAt ? 'closed' : 'open' }}</span>
    </RouterLink>
    <button type="button" class="btn btn-quiet -ml-4" @click="adding = true">Another machine here</button>
    <NewCallSheet v-model="adding" :day="isoDay(call.head.day)" :visit="call" />
  </section>
</template>
