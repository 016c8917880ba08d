<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { computed, useTemplateRef } from 'vue'
import type { Sample } from './useMeter'

const props = defineProps<{ samples: Sample[]; steady?: number }>()
const HEIGHT = 96
const box = useTemplateRef('box')
const { width } = useElementSize(box)

const values = computed(() => props.samples.map((sample) => sample.value))
const x = computed(() =>
  scaleLinear([0, Math.max(20, props.samples.at(-1)?.second ?? 0)], [4, Math.max(8, width.value - 4)]),
)
const y = computed(() =>
  scaleLinear([Math.min(0, ...values.value), Math.max(1e-9, ...values.value) * 1.1], [HEIGHT - 4, 4]),
)
const path = computed(
  () =>
    line<Sample>(
      ({ second }) => x.value(second),
      ({ value }) => y.value(value),
    )(props.samples) ?? '',
)
</script>

<template>
  <div ref="box" class="bg-enamel rounded-lg">
    <svg :width="width" :height="HEIGHT" role="img" aria-label="The reading as time goes">
      <path :d="path" fill="none" class="stroke-edge" stroke-width="2" />
      <line
        v-if="steady !== undefined"
        x1="4"
        :x2="width - 4"
        :y1="y(steady)"
        :y2="y(steady)"
        class="stroke-clean"
        stroke-width="2"
        stroke-dasharray="6 4"
      />
    </svg>
  </div>
</template>
