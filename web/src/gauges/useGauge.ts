import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import { Problem } from '../api/problem'
import type { Gauge, Written } from '../api/types'
import { judgeHere } from '../store/held/gauges'
import { useDraft } from '../ui/kept/drafts'

/** Milliseconds after the last key until it is judged. */
const PAUSE = 250

/** What is entered at a gauge, kept on this device, and what it means. */
export function useGauge(gauge: Gauge, call: string | undefined) {
  const typed = useDraft<Record<string, Written>>(`gauge:${gauge.id}:${call ?? ''}`, {})
  const entered = computed(() => JSON.stringify(typed.value))
  const settled = refDebounced(entered, PAUSE)

  const judged = useQuery({
    queryKey: ['judgement', gauge.id, call, settled],
    queryFn: () => {
      const inputs = JSON.parse(settled.value) as Record<string, Written>
      return judgeHere(gauge.id, inputs, call)
    },
    placeholderData: keepPreviousData,
  })
  const problem = computed(() =>
    judged.failureReason.value instanceof Problem ? judged.failureReason.value : undefined,
  )

  return {
    typed,
    judgement: computed(() => (problem.value ? undefined : judged.data.value)),
    problem,
    again: () => judged.refetch(),
    /** What is wrong with an input; nothing is, as long as it is empty. */
    error: (id: string) => (typed.value[id]?.text ? problem.value?.fields[id] : undefined),
    /** What is still to be entered, by input. */
    wanted: (id: string) => (typed.value[id]?.text ? undefined : problem.value?.fields[id]),
    set: (id: string, written: Written) => (typed.value = { ...typed.value, [id]: written }),
    clear: () => (typed.value = {}),
  }
}

export type GaugeEntry = ReturnType<typeof useGauge>
