<script setup lang="ts">
import { computed } from 'vue'
import { byId } from '../../judgement/byId'
import { lowerFirst } from '../../ui/text/format'
import { useCallContext } from '../context'

/** From this chance on that it would be needed, it is said why a remedy has to wait. */
const LIKELY = 0.1

const { call, pack } = useCallContext()
const chanceOf = (fault: string) =>
  call.value.assessment.ranking.find((suspect) => suspect.fault === fault)?.chance ?? 0

const held = computed(() =>
  call.value.assessment.plan.heldBack
    .map(({ remedy, causes }) => ({ remedy: byId(pack.value.remedies, remedy)!, causes }))
    .filter(({ remedy }) => Object.keys(remedy.cures).some((fault) => chanceOf(fault) >= LIKELY))
    .map(({ remedy, causes }) => ({
      name: remedy.name,
      causes: causes.map((cause) => lowerFirst(byId(pack.value.faults, cause)!.name)).join('; '),
    })),
)
</script>

<template>
  <p v-for="one in held" :key="one.name" class="border-warn border-l-8 pl-3 text-[0.95rem]">
    <b>Not yet: {{ lowerFirst(one.name) }}.</b> First look at or cure what brings it about: {{ one.causes }}.
  </p>
</template>
