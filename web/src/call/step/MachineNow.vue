<script setup lang="ts">
import { computed } from 'vue'
import type { Debt } from '../../api/types'
import { clock, otherDay } from '../../ui/text/clocks'
import { useCallContext } from '../context'

const { call, pack, actions } = useCallContext()
const now = computed(() => call.value.now)
const supply = computed(() => {
  const { supply, since } = now.value
  if (supply === 'QUARANTINED') return 'No power, after the alarm'
  if (supply === 'LIVE') return 'It may have power'
  return ['Power cut off', ...(since ? [otherDay(since), clock(since)] : [])].filter(Boolean).join(' ')
})
const STORED = { GUARDED: '', PRESENT: 'may hold charge', RELEASED: 'charge gone' }
const off = computed(() => {
  const names = now.value.off
  if (names.length > 2) return `${names.length} pieces off`
  return names.length ? `off: ${names.join(', ')}` : ''
})
const line = computed(() =>
  [
    supply.value,
    STORED[now.value.stored],
    now.value.waterShut ? 'water shut' : '',
    now.value.gasShut ? 'gas shut' : '',
    off.value,
  ].filter(Boolean),
)

/** What can be off, with how it is said to be otherwise than the line says. */
const switches = computed(() => [
  ...(now.value.supply === 'QUARANTINED'
    ? []
    : [
        {
          what: 'POWER_OFF' as const,
          isOff: now.value.supply === 'ISOLATED',
          off: 'Its power is off',
          on: 'It has power',
        },
      ]),
  ...(pack.value.water
    ? [
        {
          what: 'WATER_OFF' as const,
          isOff: now.value.waterShut,
          off: 'Its water is shut',
          on: 'Its water is on',
        },
      ]
    : []),
  ...(call.value.machine.features.includes('gas')
    ? [{ what: 'GAS_OFF' as const, isOff: now.value.gasShut, off: 'Its gas is shut', on: 'Its gas is on' }]
    : []),
])

const cut = (what: Debt['what']) => actions.write({ kind: 'debt', what, text: '', settled: false })

/** Whatever was said to be off is put back; that it has power again is said with the time. */
async function restore(what: Debt['what']) {
  const owed = call.value.job.debts.filter((one) => one.what.what === what && !one.what.settled)
  for (const one of owed) if (!(await actions.write({ ...one.what, settled: true }, one))) return
  if (what === 'POWER_OFF') await actions.write({ kind: 'debt', what, text: '', settled: true })
}
</script>

<template>
  <details class="border-line -mt-1 border-b text-[0.95rem]">
    <summary class="flex min-h-10 cursor-pointer items-center justify-between gap-3">
      <span :class="{ 'font-semibold': now.supply === 'QUARANTINED' }">{{ line.join(' · ') }}</span>
      <span class="text-soft text-sm underline decoration-dotted underline-offset-4">not so?</span>
    </summary>
    <div class="flex flex-wrap gap-2 pb-3">
      <button
        v-for="one in switches"
        :key="one.what"
        type="button"
        class="btn px-3"
        :disabled="actions.busy.value"
        @click="one.isOff ? restore(one.what) : cut(one.what)"
      >
        {{ one.isOff ? one.on : one.off }}
      </button>
    </div>
  </details>
</template>
