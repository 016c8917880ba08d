<script setup lang="ts">
import { computed } from 'vue'
import { useCallContext } from '../context'
import { STAGE_TITLE } from '../ring/stageTitle'

const { call, stage } = useCallContext()
/** What is open besides, while something dries. */
const open = computed(() =>
  call.value.ring.filter((segment) => segment.stage !== 'CLOSE' && segment.gaps.length),
)
</script>

<template>
  <section class="border-edge border-l-4 pl-3" aria-labelledby="meanwhile-title">
    <h3 id="meanwhile-title" class="text-lg">While it dries</h3>
    <ul>
      <li v-for="segment in open" :key="segment.stage">
        <button
          type="button"
          class="min-h-12 w-full text-left leading-tight"
          @click="stage.show(segment.stage)"
        >
          <b class="underline decoration-dotted underline-offset-4">{{
            segment.stage === 'HAND_OVER' ? 'Come back another day' : STAGE_TITLE[segment.stage]
          }}</b>
          <span v-if="segment.stage !== 'HAND_OVER'" class="block text-[0.95rem]">{{
            segment.gaps[0]!.text
          }}</span>
        </button>
      </li>
    </ul>
  </section>
</template>
