<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { useRoute } from 'vue-router'
import type { Knowhow } from '../../api/types'
import { percent } from '../../ui/text/format'

const props = defineProps<{ knowhow: Knowhow }>()
const route = useRoute()
const sought = computed(() => route.hash.slice(1))

/** Only faults that some symptom shows, in the order of the pack. */
const faults = computed(() => {
  const shown = new Set(props.knowhow.pack.symptoms.flatMap((symptom) => Object.keys(symptom.causes)))
  return props.knowhow.pack.faults.filter((fault) => shown.has(fault.id))
})
onMounted(() => document.getElementById(sought.value)?.scrollIntoView({ block: 'center' }))
</script>

<template>
  <p class="text-soft mb-2">
    Of 100 machines with the fault, so many show the symptom. The last column is how many show it with none of
    these faults.
  </p>
  <div class="max-h-[75vh] overflow-auto" tabindex="0" role="region" aria-label="Symptoms by fault">
    <table class="border-separate border-spacing-0 text-sm">
      <thead>
        <tr>
          <th class="bg-enamel sticky top-0 left-0 z-20 px-2 text-left align-bottom" scope="col">Symptom</th>
          <th v-for="fault in faults" :key="fault.id" class="head" scope="col">
            <RouterLink :to="`/know-how/${knowhow.pack.id}/faults/${fault.id}`">{{ fault.name }}</RouterLink>
          </th>
          <th class="head" scope="col"><span>None of these</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="symptom in knowhow.pack.symptoms" :id="symptom.id" :key="symptom.id">
          <th
            class="bg-enamel border-line sticky left-0 z-10 w-36 min-w-36 border-b px-2 py-1 text-left leading-tight font-normal sm:w-56 sm:min-w-56"
            :class="{ 'font-bold underline': symptom.id === sought }"
            scope="row"
          >
            {{ symptom.name }}
          </th>
          <td v-for="fault in faults" :key="fault.id" class="cell">
            <template v-if="symptom.causes[fault.id]">
              <span
                class="grime absolute inset-x-0 bottom-0"
                :style="{ height: percent(symptom.causes[fault.id]!) }"
                aria-hidden="true"
              />
              <b class="relative rounded bg-paper/85 px-0.5">{{
                Math.round(100 * symptom.causes[fault.id]!)
              }}</b>
            </template>
          </td>
          <td class="cell text-soft">{{ Math.round(1000 * symptom.leak) / 10 }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
@reference '../../styles.css';
.head {
  @apply bg-enamel sticky top-0 z-10 h-44 min-w-9 px-1 pb-1 text-left align-bottom font-normal;
}
.head > * {
  writing-mode: vertical-rl;
  @apply max-h-42 rotate-180 leading-tight underline-offset-4 hover:underline;
}
.cell {
  @apply border-line relative h-9 border-b border-l bg-paper/50 text-center font-mono text-xs;
}
</style>
