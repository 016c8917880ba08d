<script setup lang="ts">
/**
 * A button that takes a file.
 *
 * @param camera whether a phone is to open its camera
 */
defineProps<{ accept: string; camera?: boolean }>()
const emit = defineEmits<{ pick: [file: File] }>()

function pick(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) emit('pick', file)
  // The same file can be picked again, once it is put right.
  input.value = ''
}
</script>

<template>
  <label class="btn btn-quiet focus-within:outline-water cursor-pointer focus-within:outline-3">
    <slot />
    <input
      type="file"
      :accept="accept"
      :capture="camera ? 'environment' : undefined"
      class="sr-only"
      @change="pick"
    />
  </label>
</template>
