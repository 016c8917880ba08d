<script setup lang="ts">
import { useCallContext } from '../context'
import { useRing, type Look } from './useRing'

const { stage } = useCallContext()
const { segments } = useRing()
const LOOKS: Record<Look, string> = {
  open: 'hatched',
  sealed: 'bg-rubber ring-1 ring-[#8a9192] ring-inset',
  'nothing due yet': 'border-line border-2',
}
</script>

<template>
  <ol class="-mx-1 grid grid-cols-8">
    <li v-for="segment in segments" :key="segment.stage">
      <button
        type="button"
        class="flex min-h-12 w-full flex-col px-0.5 pt-1 text-left"
        :aria-current="segment.shown ? 'step' : undefined"
        :aria-label="`${segment.title}, ${segment.look}`"
        @click="stage.show(segment.stage)"
      >
        <span
          class="block h-3 w-full rounded-sm"
          :class="[
            segment.shown && segment.look === 'open' ? 'bg-act' : LOOKS[segment.look],
            { 'outline-act outline-2 outline-offset-1': segment.shown && segment.look !== 'open' },
          ]"
        />
        <span
          class="mt-0.5 block text-xs leading-[1.05]"
          :class="segment.shown ? 'text-act font-bold' : 'text-ink'"
          >{{ segment.title }}</span
        >
      </button>
    </li>
  </ol>
</template>
