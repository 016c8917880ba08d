<script setup lang="ts">
import { computed } from 'vue'
import type { Assessment, Step } from '../api/types'
import { minutes, percent } from '../ui/text/format'

const props = defineProps<{ assessment: Assessment }>()
defineEmits<{ answer: [step: Step, answer: string] }>()
const next = computed(() => props.assessment.plan.next)
const answers = computed(() =>
  next.value && ['ASK', 'FACT', 'CHECK'].includes(next.value.kind) ? next.value.prospects : [],
)
</script>

<template>
  <section v-if="next" aria-labelledby="next-title">
    <h2 id="next-title" class="text-lg">What would be done next</h2>
    <p>
      {{ next.name }}
      <span class="text-soft font-mono text-sm">{{ minutes(next.minutes + next.reach.minutes) }}</span>
    </p>
    <div class="mt-1 flex flex-wrap gap-1.5">
      <button
        v-for="answer in answers"
        :key="answer.outcome"
        type="button"
        class="btn px-3"
        @click="$emit('answer', next, answer.outcome)"
      >
        {{ answer.name }}
        <span class="text-soft font-mono text-xs">{{ percent(answer.chance) }}</span>
      </button>
    </div>
  </section>
</template>
