<script setup lang="ts">
import { computed } from 'vue'
import type { Call, Code, Pack } from '../api/types'
import { byId } from '../judgement/byId'
import { findingText } from '../judgement/wording'
import { lowerFirst, percent } from '../ui/format'

/** Evidence weaker than this, in decibans, is not named as a reason. */
const NOTICEABLE = 2

const props = defineProps<{ call: Call; pack: Pack; codes: Code[] }>()
const cured = computed(() => !props.call.assessment.plan.next)
const cause = computed(() => {
  const first = props.call.assessment.ranking[0]
  if (!first || first.chance < props.call.assessment.noneOfThese) return undefined
  const reasons = first.why
    .filter((weight) => weight.decibans >= NOTICEABLE)
    .sort((a, b) => b.decibans - a.decibans)
    .map((weight) => findingText(props.call.entries[weight.finding]!, props.pack, props.codes))
    .map(({ what, result }) => (result ? `${what}: ${lowerFirst(result)}` : what))
  return { name: byId(props.pack.faults, first.fault)!.name, chance: first.chance, reasons }
})
</script>

<template>
  <section aria-labelledby="cause-title">
    <h2 id="cause-title" class="text-xl">{{ cured ? 'Cause' : 'Likeliest cause so far' }}</h2>
    <template v-if="cause">
      <p>
        <b>{{ cause.name }}</b>, {{ percent(cause.chance).replace('>', 'over ') }} sure<template
          v-if="cause.reasons.length"
          >, because of:</template
        >
      </p>
      <ul class="list-disc pl-5">
        <li v-for="reason in cause.reasons" :key="reason">{{ reason }}</li>
      </ul>
    </template>
    <p v-else>None of the causes on our list.</p>
  </section>
</template>
