<script setup lang="ts">
import { computed, toRef } from 'vue'
import { useConsequence, useDraftConsequence } from '../../api/queries'
import type { Draft, Knowhow } from '../../api/types'
import { percent } from '../../ui/text/format'
import { useWhatIf } from '../useWhatIf'
import { namesOf } from './sections'

/** How what is supposed under “What if” would be judged by the draft, beside how it is. */
const props = defineProps<{ knowhow: Knowhow; draft: Draft }>()
const MOST = 6
const kind = props.knowhow.pack.id
const { features, findings, words } = useWhatIf(toRef(props, 'knowhow'))
const supposed = () => ({ features: features.value, findings: findings.value })
const { data: is } = useConsequence(toRef(props, 'knowhow'), supposed)
const { data: would } = useDraftConsequence(kind, supposed, () => !props.draft.inspection.problems.length)

const rows = computed(() => {
  const was = is.value?.assessment.ranking ?? []
  const becomes = would.value?.assessment.ranking ?? []
  const names = namesOf(props.draft, 'faults')
  const chance = (ranking: typeof was, fault: string) =>
    ranking.find((suspect) => suspect.fault === fault)?.chance ?? 0
  const before = props.knowhow.pack.faults
  return [...new Set([...becomes, ...was].map((suspect) => suspect.fault))]
    .map((fault) => ({
      fault,
      name: [...names, ...before].find((one) => one.id === fault)?.name ?? fault,
      was: chance(was, fault),
      becomes: chance(becomes, fault),
    }))
    .sort((a, b) => Math.max(b.was, b.becomes) - Math.max(a.was, a.becomes))
    .slice(0, MOST)
})
</script>

<template>
  <section v-if="would" aria-labelledby="moved-title">
    <h3 id="moved-title" class="text-lg">How the ranking moves</h3>
    <p class="text-soft text-sm">
      <template v-if="words.length">Supposed: {{ words.join(', ') }}.</template>
      <template v-else>Nothing is supposed.</template>
      <RouterLink :to="`/know-how/${kind}`" class="ml-1 underline decoration-dotted underline-offset-4"
        >Suppose something under “What if”</RouterLink
      >
    </p>
    <table class="mt-1 w-full">
      <thead>
        <tr class="text-soft text-left text-sm">
          <th scope="col" class="font-normal">Fault</th>
          <th scope="col" class="text-right font-normal">in use</th>
          <th scope="col" class="text-right font-normal">draft</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.fault" class="border-line border-t border-dashed">
          <th scope="row" class="py-1 text-left leading-tight font-normal">{{ row.name }}</th>
          <td class="text-right font-mono text-sm">{{ percent(row.was) }}</td>
          <td
            class="text-right font-mono text-sm"
            :class="{ 'font-bold': percent(row.was) !== percent(row.becomes) }"
          >
            {{ percent(row.becomes) }}
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
