<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRing } from './useRing'

const props = defineProps<{ folded?: boolean }>()
const { shown } = useRing()
const open = ref(false)
/** One of them, until somebody wants the others: on a phone the step needs the room. */
const seen = computed(() => (props.folded && !open.value ? shown.value.gaps.slice(0, 1) : shown.value.gaps))
const more = computed(() => shown.value.gaps.length - seen.value.length)
</script>

<template>
  <ul v-if="shown.gaps.length" class="desk:mt-2 mt-1 desk:mb-2" aria-label="What is missing">
    <li
      v-for="gap in seen"
      :key="gap.text"
      class="border-line desk:border-t flex items-center gap-2 border-dashed py-1 text-[0.95rem]"
    >
      <svg viewBox="-9 -9 18 18" class="stroke-act size-4 shrink-0" aria-hidden="true">
        <path d="M4 -5A6.5 6.5 0 1 0 4 5" fill="none" stroke-width="4" />
      </svg>
      <span class="flex-1">{{ gap.text }}</span>
      <button
        v-if="more"
        type="button"
        class="-my-3 min-h-12 shrink-0 pl-3 text-sm underline decoration-dotted underline-offset-4"
        @click="open = true"
      >
        {{ more }} more
      </button>
    </li>
  </ul>
</template>
