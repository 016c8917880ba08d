<script setup lang="ts">
import type { PartMove } from '../api/types'
import { clock, dayOf } from '../ui/text/clocks'
import { dayName } from '../ui/text/format'
import { useMoves } from './queries'

/** What has changed the counts of a part, latest first. */
const props = defineProps<{ part: string }>()
const { data: moves } = useMoves(() => props.part)
const REASON: Record<PartMove['reason'], string> = {
  RECEIVED: 'received',
  COUNTED: 'counted',
  WRITTEN_OFF: 'written off',
  RETURNED: 'returned',
  WARRANTY: 'sent in under warranty',
  GIVEN: 'given between vans',
  USED: 'used',
  PUT_BACK: 'put back',
}
</script>

<template>
  <section v-if="moves?.length" aria-labelledby="moves-title">
    <h3 id="moves-title" class="text-lg">What came and went</h3>
    <ul role="list">
      <li
        v-for="move in moves"
        :key="move.id"
        class="border-line grid grid-cols-[1fr_auto] gap-x-4 border-b border-dashed py-2 leading-tight"
      >
        <span>
          {{ move.van }}: {{ REASON[move.reason] }}
          <RouterLink
            v-if="move.callId"
            :to="`/calls/${move.callId}`"
            class="underline decoration-dotted underline-offset-4"
            >on this call</RouterLink
          >
        </span>
        <span class="text-right font-mono"
          >{{ move.moved > 0 ? '+' : '' }}{{ move.moved }} = {{ move.onVan }}</span
        >
        <span class="text-soft text-sm">
          {{ dayName(dayOf(move.at)) }}, {{ clock(move.at)
          }}<template v-if="move.by">, {{ move.by }}</template>
        </span>
      </li>
    </ul>
  </section>
</template>
