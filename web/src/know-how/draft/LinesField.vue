<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'

/** Texts, one a line. */
defineProps<{ label: string; hint?: string }>()
const lines = defineModel<string[]>({ required: true })
const id = useId()

const split = (text: string) =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line)
const text = ref(lines.value.join('\n'))
// What is typed stays as it is typed; what comes from elsewhere is shown.
watch(lines, (now) => {
  if (now.join('\n') !== split(text.value).join('\n')) text.value = now.join('\n')
})
const rows = computed(() =>
  Math.min(14, Math.max(2, text.value.split('\n').length + Math.round(text.value.length / 60))),
)
</script>

<template>
  <div>
    <label :for="id" class="block font-semibold">{{ label }}</label>
    <p v-if="hint" :id="`${id}-hint`" class="text-soft text-sm">{{ hint }}</p>
    <textarea
      :id="id"
      v-model="text"
      class="field mt-1 leading-snug"
      :rows="rows"
      :aria-describedby="hint ? `${id}-hint` : undefined"
      @input="lines = split(text)"
    />
  </div>
</template>
