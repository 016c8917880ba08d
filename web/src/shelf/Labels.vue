<script setup lang="ts">
import { computed, ref } from 'vue'
import Stepper from '../ui/field/Stepper.vue'

/** @param text by which the parts are looked for that get a label each */
const props = defineProps<{ text: string }>()
const used = ref(0)
const href = computed(
  () =>
    `/api/parts/labels.pdf?${new URLSearchParams({ text: props.text.trim(), used: String(used.value || 0) })}`,
)
</script>

<template>
  <section class="flex flex-wrap items-center gap-3" aria-label="Labels">
    <a class="btn btn-quiet -ml-4" :href="href" download>Labels with barcodes</a>
    <Stepper v-model="used" label="labels gone of the first sheet" :max="23" />
    <p class="text-soft basis-full text-sm">
      One for each part found above, on sheets of A4 with 24 labels of 70 by 37 mm.
    </p>
  </section>
</template>
