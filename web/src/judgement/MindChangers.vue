<script setup lang="ts">
import { computed } from 'vue'
import type { Assessment, Pack } from '../api/types'
import { lowerFirst, percent } from '../ui/text/format'
import { stepKey } from './steps'
import { leaderName } from './wording'

const SHORT = 3
const props = defineProps<{ pack: Pack; assessment: Assessment }>()
defineEmits<{ choose: [key: string] }>()
const turns = computed(() => props.assessment.turns.slice(0, SHORT))
</script>

<template>
  <section v-if="turns.length" aria-labelledby="turns-title">
    <h2 id="turns-title" class="text-lg">What would change the ranking</h2>
    <ul>
      <li
        v-for="turn in turns"
        :key="stepKey(turn) + turn.answer"
        class="border-line border-b border-dashed last:border-b-0"
      >
        <button
          type="button"
          class="flex min-h-12 w-full items-center justify-between gap-3 py-1 text-left leading-tight hover:underline hover:decoration-dotted"
          @click="$emit('choose', stepKey(turn))"
        >
          <span>
            {{ turn.step }} <b class="font-semibold">{{ turn.answer }}</b>
            <span class="text-soft block text-sm"
              >then {{ lowerFirst(leaderName(turn.leader, pack)) }}, {{ percent(turn.leaderChance) }}</span
            >
          </span>
          <span class="text-soft font-mono text-xs font-semibold whitespace-nowrap">{{
            percent(turn.chance)
          }}</span>
        </button>
      </li>
    </ul>
  </section>
</template>
