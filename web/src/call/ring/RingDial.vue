<script setup lang="ts">
import { computed } from 'vue'
import { arcs } from './ringShape'
import { useCallContext } from '../context'
import { useRing } from './useRing'

const { stage } = useCallContext()
const { segments, shown } = useRing()
const shapes = computed(() => arcs(segments.value.length, 62, 84))
const sealed = computed(() => segments.value.every((segment) => segment.look !== 'open'))
</script>

<template>
  <svg viewBox="-116 -98 232 196" role="group" aria-label="Segments" class="w-full overflow-visible">
    <defs>
      <pattern id="hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="6" height="6" class="fill-hatch" />
        <path d="M0 0V6" class="stroke-hatch-line" stroke-width="3" />
      </pattern>
    </defs>
    <g
      v-for="(segment, i) in segments"
      :key="segment.stage"
      fill="none"
      role="button"
      tabindex="0"
      class="segment cursor-pointer"
      :aria-label="`${segment.title}, ${segment.look}`"
      :aria-current="segment.shown ? 'step' : undefined"
      @click="stage.show(segment.stage)"
      @keydown.enter.space.prevent="stage.show(segment.stage)"
    >
      <path :d="shapes[i]!.path" stroke-width="52" stroke="transparent" />
      <template v-if="segment.look === 'nothing due yet'">
        <path :d="shapes[i]!.path" stroke-width="22" :class="segment.shown ? 'stroke-act' : 'stroke-line'" />
        <path :d="shapes[i]!.path" stroke-width="17" class="stroke-enamel" />
      </template>
      <path
        v-else-if="segment.look === 'open'"
        :d="shapes[i]!.path"
        stroke-width="22"
        :stroke="segment.shown ? undefined : 'url(#hatch)'"
        :class="{ 'stroke-act': segment.shown }"
      />
      <template v-else>
        <path :d="shapes[i]!.path" stroke-width="22" class="stroke-rubber" />
        <path :d="shapes[i]!.path" :stroke="segment.shown ? '#f2b49b' : '#8a9192'" stroke-width="3" />
      </template>
      <text
        :x="shapes[i]!.x"
        :y="shapes[i]!.y + 4"
        :text-anchor="shapes[i]!.anchor"
        class="text-[13px]"
        :class="segment.shown ? 'fill-act font-bold' : 'fill-ink'"
      >
        {{ segment.title }}
      </text>
    </g>
    <text text-anchor="middle" :y="sealed ? 6 : 2" class="font-head fill-ink text-[18px] font-bold">
      {{ sealed ? 'Sealed' : shown.title }}
    </text>
    <text v-if="!sealed" text-anchor="middle" y="20" class="fill-soft text-[12px]">
      {{
        shown.look !== 'open' ? shown.look : shown.gaps.length === 1 ? '1 gap' : `${shown.gaps.length} gaps`
      }}
    </text>
  </svg>
</template>

<style scoped>
.segment:focus {
  outline: none;
}
.segment:focus-visible text {
  text-decoration: underline;
}
</style>
