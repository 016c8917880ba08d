<script setup lang="ts">
import { computed } from 'vue'
import type { Call, Code, Pack } from '../api/types'
import { byId } from '../judgement/byId'
import { findingText } from '../judgement/wording'

const props = defineProps<{ call: Call; pack: Pack; codes: Code[] }>()
const lines = (kinds: string[]) =>
  props.call.entries
    .filter((entry) => kinds.includes(entry.kind))
    .map((entry) => ({ id: entry.id, ...findingText(entry, props.pack, props.codes) }))
const parts = computed(() => [
  { title: 'Told and seen', lines: lines(['FACT', 'SIGN', 'CODE']) },
  { title: 'Checked', lines: lines(['CHECK']) },
  { title: 'Done', lines: lines(['REMEDY']) },
])
const kept = computed(() =>
  props.call.cautionsKept.map((one) => byId(props.pack.cautions, one.caution)?.title ?? one.caution),
)
</script>

<template>
  <template v-for="part in parts" :key="part.title">
    <section v-if="part.lines.length" :aria-label="part.title">
      <h2 class="text-xl">{{ part.title }}</h2>
      <ul>
        <li
          v-for="line in part.lines"
          :key="line.id"
          class="border-line flex justify-between gap-4 border-b border-dashed py-1"
        >
          <span>{{ line.what }}</span>
          <b class="text-right font-semibold">{{ line.result }}</b>
        </li>
      </ul>
    </section>
  </template>
  <p v-if="kept.length" class="text-soft">Taken care of on the way: {{ kept.join(', ') }}.</p>
</template>
