<script setup lang="ts">
import { computed } from 'vue'
import { arcs } from './ringShape'
import { useRing } from './useRing'

const { segments, current } = useRing()
const shapes = computed(() => arcs(segments.value.length, 62, 84))
const middle = computed(() => segments.value.find((s) => s.stage === current.value))
const summary = computed(
  () => 'Ring: ' + segments.value.map((s) => `${s.title} ${s.sealed ? 'sealed' : 'open'}`).join(', '),
)
</script>

<template>
  <svg viewBox="-116 -98 232 196" role="img" :aria-label="summary" class="w-full overflow-visible">
    <defs>
      <pattern id="hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="6" height="6" fill="#e7e2d6" />
        <path d="M0 0V6" stroke="#c6bfae" stroke-width="3" />
      </pattern>
    </defs>
    <g v-for="(segment, i) in segments" :key="segment.stage" fill="none">
      <path
        :d="shapes[i]!.path"
        stroke-width="22"
        :stroke="segment.state === 'open' ? 'url(#hatch)' : undefined"
        :class="{ 'stroke-rubber': segment.state === 'sealed', 'stroke-act': segment.state === 'current' }"
      />
      <path v-if="segment.sealed" :d="shapes[i]!.path" stroke="#8a9192" stroke-width="3" />
      <text
        :x="shapes[i]!.x"
        :y="shapes[i]!.y + 4"
        :text-anchor="shapes[i]!.anchor"
        class="text-[13px]"
        :class="segment.state === 'current' ? 'fill-act font-bold' : 'fill-ink'"
      >
        {{ segment.title }}
      </text>
    </g>
    <text v-if="middle" text-anchor="middle" y="2" class="font-head fill-ink text-[22px] font-bold">
      {{ middle.title }}
    </text>
    <text v-else text-anchor="middle" y="6" class="font-head fill-ink text-[22px] font-bold">Sealed</text>
    <text v-if="middle" text-anchor="middle" y="20" class="fill-soft text-[12px]">
      {{ middle.gaps.length }} {{ middle.gaps.length === 1 ? 'gap' : 'gaps' }}
    </text>
  </svg>
</template>
