<script setup lang="ts">
import { useTrail } from '../../api/queries'
import type { Trace } from '../../api/types'
import { clock, otherDay } from '../../ui/text/clocks'
import Notice from '../../ui/Notice.vue'
import Sheet from '../../ui/Sheet.vue'
import { about, nameOf } from '../changes'
import { useCallContext } from '../context'

const open = defineModel<boolean>({ required: true })
const { call, pack, codes } = useCallContext()
const {
  data: trail,
  error: problem,
  refetch,
} = useTrail(
  () => call.value.head.id,
  () => open.value,
)

/** What came so much later than it was done says so. */
const LATE_MS = 120_000

const OUTCOMES: Partial<Record<Trace['became'], string>> = {
  CONFLICT: 'not accepted: somebody had answered otherwise',
  REFUSED: 'not accepted',
}
</script>

<template>
  <Sheet v-model="open" title="Activity log" wide>
    <Notice v-if="problem" :problem="problem" @again="refetch()" @dismiss="open = false" />
    <p v-else-if="!trail" role="status">Reading it …</p>
    <p v-else-if="!trail.length">Nothing has been done to this call since it was put on file.</p>
    <ol v-else>
      <li
        v-for="trace in trail"
        :key="trace.id"
        class="border-line grid grid-cols-[5.5rem_1fr] gap-x-3 border-b border-dashed py-2 leading-tight"
      >
        <span class="text-soft font-mono text-sm">{{ otherDay(trace.at) }} {{ clock(trace.at) }}</span>
        <span>
          <span :class="{ 'line-through': OUTCOMES[trace.became] }"
            >{{ nameOf(trace.kind)
            }}<template v-if="about(trace, trail, pack, codes)"
              >: <b>{{ about(trace, trail, pack, codes) }}</b></template
            ></span
          >
          <span v-if="OUTCOMES[trace.became]" class="text-act text-sm font-semibold">
            {{ OUTCOMES[trace.became] }}</span
          >
          <span class="text-soft block text-sm"
            >{{ trace.by }}<template v-if="trace.device">, {{ trace.device.toLowerCase() }}</template
            ><template v-if="trace.receivedAt - trace.at > LATE_MS"
              >, received {{ otherDay(trace.receivedAt) }} {{ clock(trace.receivedAt) }}</template
            ><template v-if="trace.returned">, given back after a backup was restored</template></span
          >
        </span>
      </li>
    </ol>
  </Sheet>
</template>
