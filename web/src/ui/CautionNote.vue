<script setup lang="ts">
import { computed } from 'vue'
import type { Pack } from '../api/types'

const props = defineProps<{ pack: Pack; caution: string; lead?: string }>()
const known = computed(() => props.pack.cautions.find((one) => one.id === props.caution))
</script>

<template>
  <div
    v-if="known"
    class="border-warn bg-warn-pale text-ink border-l-8 px-3 py-2 text-[0.95rem]"
    role="note"
    :aria-label="`Caution: ${known.title}`"
  >
    <b>⚠ {{ lead ?? known.title }}.</b> {{ known.text }}
    <slot />
  </div>
</template>
