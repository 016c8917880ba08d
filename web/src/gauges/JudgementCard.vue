<script setup lang="ts">
import type { Judgement } from '../api/types'
import VerdictMark from '../readings/VerdictMark.vue'

defineProps<{ judgement: Judgement }>()
</script>

<template>
  <div class="bg-rubber rounded-xl p-4 text-white" role="status">
    <p class="flex flex-wrap items-center gap-x-3 gap-y-1">
      <VerdictMark :verdict="judgement.verdict" />
      <span class="text-sm text-[#d9d5ca]">Judged against {{ judgement.against }}</span>
    </p>
    <p class="font-head mt-2 text-xl leading-snug font-bold">{{ judgement.sentence }}</p>
    <dl class="mt-3 grid gap-x-6 gap-y-2 sm:grid-cols-2">
      <div v-for="result in judgement.results" :key="result.name">
        <dt class="text-sm text-[#d9d5ca]">{{ result.name }}</dt>
        <dd class="font-mono font-semibold">
          <span class="text-lg">{{ result.shown }}</span>
          <span v-if="result.other" class="text-sm font-normal text-[#d9d5ca]"> = {{ result.other }}</span>
          <span v-if="result.between" class="block text-xs font-normal text-[#d9d5ca]"
            >95%: {{ result.between }}</span
          >
        </dd>
      </div>
    </dl>
  </div>
</template>
