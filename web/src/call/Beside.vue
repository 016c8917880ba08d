<script setup lang="ts">
import { computed, ref } from 'vue'
import { useKinds } from '../api/queries'
import NewCallSheet from '../round/NewCallSheet.vue'
import { byId } from '../judgement/byId'
import { useCallContext } from './context'

const { call } = useCallContext()
const { data: kinds } = useKinds()
const adding = ref(false)
const others = computed(() =>
  call.value.beside.map((one) => ({ ...one, name: byId(kinds.value ?? [], one.kind)?.name ?? one.kind })),
)
</script>

<template>
  <section class="border-line border-t py-2" aria-label="Other machines here">
    <RouterLink
      v-for="other in others"
      :key="other.callId"
      :to="`/calls/${other.callId}`"
      class="flex min-h-11 items-center justify-between gap-2 leading-tight underline decoration-dotted underline-offset-4"
    >
      <span>{{ other.name }}, {{ other.maker }} {{ other.model }}</span>
      <span class="text-soft text-sm">{{ other.closedAt ? 'closed' : 'open' }}</span>
    </RouterLink>
    <button type="button" class="btn btn-quiet -ml-4" @click="adding = true">Another machine here</button>
    <NewCallSheet v-model="adding" :day="call.day" :visit="call" />
  </section>
</template>
