<script setup lang="ts">
import { computed, ref } from 'vue'
import { useSession } from '../../api/queries'
import { byId } from '../../judgement/byId'
import { isCured } from '../../judgement/finding'
import { codeName } from '../../judgement/wording'
import PanelHead from '../../ui/PanelHead.vue'
import { clock } from '../../ui/text/clocks'
import { money, percent } from '../../ui/text/format'
import { useCallContext } from '../context'
import TrailSheet from '../story/TrailSheet.vue'
import AnotherDay from '../end/AnotherDay.vue'
import Charge from '../end/Charge.vue'
import CloseForm from '../end/CloseForm.vue'
import GoOn from './GoOn.vue'
import Signing from '../end/Signing.vue'
import Things from '../end/Things.vue'

const { call, pack, codes, actions } = useCallContext()
const { data: session } = useSession()
const asksWho = ref(false)

const refer = computed(() => {
  const next = call.value.assessment.plan.next
  return next?.kind === 'REFER' ? next : undefined
})
const cause = computed(() => {
  const first = call.value.assessment.ranking[0]
  return first && { name: byId(pack.value.faults, first.fault)!.name, chance: first.chance }
})
const cured = computed(() => isCured(call.value))
const title = computed(() => {
  const { closing } = call.value.head
  if (closing) return `${closing.cancelled ? 'Cancelled' : 'Closed'} at ${clock(closing.at)}`
  if (call.value.handOver.gaps.length) return refer.value ? 'Hand the call on' : 'Close with gaps'
  return cured.value ? 'Cured and proved' : 'Close the call'
})
/** The codes that the machine showed, to be cleared. */
const shown = computed(() =>
  codes.value.filter((code) =>
    call.value.story.some(({ finding }) => finding.kind === 'code-read' && finding.shown === code.code),
  ),
)
</script>

<template>
  <PanelHead :label="call.head.closing ? 'Done' : 'Hand over'" :title="title">
    <p v-if="cured && cause" class="mt-1 text-[#e6e2d8]">
      It was: {{ cause.name }}, {{ percent(cause.chance) }} sure.
    </p>
    <p v-for="line in refer?.reasons" :key="line" class="mt-1 text-[#e6e2d8]">{{ line }}</p>
  </PanelHead>
  <div class="grid gap-3 p-4">
    <p v-if="call.parts.length" class="flex justify-between gap-3 font-semibold">
      <span>Parts</span>
      <span class="font-mono">{{ money(call.handOver.partsTotal, session!.currency) }}</span>
    </p>
    <template v-if="call.head.closing">
      <p v-if="call.head.closing.signOff">
        <b>{{ call.head.closing.cancelled ? 'Because' : 'Left open on purpose' }}:</b>
        {{ call.head.closing.signOff }}
      </p>
      <p v-if="call.head.advice"><b>Advice given:</b> {{ call.head.advice }}</p>
      <RouterLink :to="`/calls/${call.head.id}/report`" class="btn btn-act"
        >Report for the customer</RouterLink
      >
    </template>
    <template v-else>
      <p v-for="code in shown" :key="code.code">
        <b
          >Clear <span class="font-mono">{{ codeName(code) }}</span>:</b
        >
        {{ code.clear }}
      </p>
      <Things v-if="call.job.things.length" settling />
      <Charge />
      <Signing />
      <GoOn />
      <CloseForm />
      <AnotherDay />
      <RouterLink :to="`/calls/${call.head.id}/report`" class="btn">The report as it stands</RouterLink>
    </template>
    <button type="button" class="btn" @click="asksWho = true">Activity log</button>
    <TrailSheet v-model="asksWho" />
    <a :href="`/api/calls/${call.head.id}/call.json`" class="btn" download>The whole call as a file</a>
    <template v-if="call.head.closing">
      <RouterLink to="/round" class="btn">Back to the round</RouterLink>
      <button type="button" class="btn" :disabled="actions.busy.value" @click="actions.reopen()">
        Open it again
      </button>
    </template>
  </div>
</template>
