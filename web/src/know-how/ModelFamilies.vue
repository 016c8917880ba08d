<script setup lang="ts">
import type { Knowhow } from '../api/types'
import { useFamilies } from '../api/queries'
import { lowerFirst } from '../ui/text/format'
import ChangeList from './ChangeList.vue'
import LearntOfModels from './LearntOfModels.vue'

/** Models that differ from their kind: a call about one is judged by what differs. */
const props = defineProps<{ knowhow: Knowhow }>()
const { data: families } = useFamilies(() => props.knowhow.pack.id)
</script>

<template>
  <LearntOfModels :knowhow="knowhow" />
  <p v-if="families && !families.length">
    No model of a {{ lowerFirst(knowhow.pack.name) }} is known to differ from its kind. A pack says it under
    <span class="font-mono text-sm">families</span>.
  </p>
  <div v-else class="grid gap-6 lg:grid-cols-2">
    <section
      v-for="{ family, changes } in families"
      :key="family.id"
      :aria-labelledby="`family-${family.id}`"
    >
      <h2 :id="`family-${family.id}`" class="text-xl leading-tight">{{ family.name }}</h2>
      <p class="text-soft mb-2">
        {{ family.maker }} models whose name begins with {{ family.models.join(', ') }}.
      </p>
      <ChangeList :changes="changes" :than="`other ${lowerFirst(knowhow.pack.name)}s`" />
    </section>
  </div>
</template>
