<script setup lang="ts">
import { ref } from 'vue'
import FilePick from '../ui/field/FilePick.vue'
import { scan } from './scan'

/** Reads a barcode off a photo: the camera of a phone opens, a desk asks for a file. */
const emit = defineEmits<{ read: [code: string] }>()
const reading = ref(false)
const sorry = ref('')

async function read(photo: File) {
  reading.value = true
  sorry.value = ''
  try {
    const code = await scan(photo)
    if (code) emit('read', code)
    else sorry.value = 'No barcode can be read in this photo: go nearer, and hold still.'
  } catch {
    sorry.value = 'Barcodes can only be read with signal the first time. Type the number instead.'
  } finally {
    reading.value = false
  }
}
</script>

<template>
  <FilePick accept="image/*" camera @pick="read">{{ reading ? 'Reading …' : 'Scan a barcode' }}</FilePick>
  <p v-if="sorry" class="text-act basis-full font-semibold" role="alert">{{ sorry }}</p>
</template>
