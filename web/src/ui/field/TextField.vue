<script setup lang="ts">
import { computed, useAttrs, useId } from 'vue'

defineProps<{ label: string; error?: string; hint?: string }>()
defineOptions({ inheritAttrs: false })
const text = defineModel<string>({ required: true })
const id = useId()
const attrs = useAttrs()
const inputAttrs = computed(() => ({ ...attrs, class: undefined }))
</script>

<template>
  <div :class="attrs.class">
    <label :for="id" class="mb-1 block font-semibold">{{ label }}</label>
    <input
      :id="id"
      v-model="text"
      v-bind="inputAttrs"
      class="field"
      :aria-invalid="!!error"
      :aria-describedby="error || hint ? `${id}-note` : undefined"
    />
    <p
      v-if="error || hint"
      :id="`${id}-note`"
      class="mt-1 text-sm"
      :class="error ? 'text-act font-semibold' : 'text-soft'"
    >
      {{ error || hint }}
    </p>
  </div>
</template>
