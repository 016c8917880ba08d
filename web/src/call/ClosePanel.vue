<script setup lang="ts">
import { computed } from 'vue'
import { useSession } from '../api/queries'
import type { Step } from '../api/types'
import { useDraft } from '../ui/drafts'
import { clock, days, money, percent } from '../ui/format'
import { byId } from '../judgement/byId'
import { codeName } from '../judgement/wording'
import { useCallContext } from './context'
import PartPicker from './PartPicker.vue'
import StepCaution from './StepCaution.vue'

defineProps<{ step?: Step }>()
const emit = defineEmits<{ back: [] }>()
const { call, pack, codes, actions } = useCallContext()
const { data: session } = useSession()
const advice = useDraft(`advice:${call.value.id}`, '')
const reason = useDraft(`reason:${call.value.id}`, '')

const cause = computed(() => {
  const first = call.value.assessment.ranking[0]
  return first && { name: byId(pack.value.faults, first.fault)!.name, chance: first.chance }
})
const cured = computed(() => call.value.entries.some((e) => e.kind === 'REMEDY' && e.answer === 'cured'))
/** The codes that the machine showed, to be cleared. */
const shown = computed(() =>
  codes.value.filter((code) => call.value.entries.some((e) => e.kind === 'CODE' && e.subject === code.code)),
)
/** Parts of remedies done that are still to be counted. */
const uncounted = computed(() =>
  pack.value.remedies
    .filter((remedy) => call.value.entries.some((e) => e.kind === 'REMEDY' && e.subject === remedy.id))
    .flatMap((remedy) => remedy.parts.map((part) => ({ remedy, part })))
    .filter(
      ({ remedy, part }) => !call.value.partUses.some((use) => use.remedy === remedy.id && use.fits === part),
    ),
)
/** What the customer might be told, that is not in the advice yet. */
const suggestions = computed(() => {
  const { habits, dues } = call.value.suggestions
  return [
    ...habits,
    ...dues.map((due) => `${due.task}: ${due.days ? `every ${days(due.days)}` : 'after every use'}.`),
  ].filter((line) => !advice.value.includes(line))
})
const advise = (line: string) => (advice.value = advice.value ? `${advice.value.trimEnd()}\n${line}` : line)

async function close() {
  if (
    await actions.close(call.value.version, advice.value, call.value.gaps.length ? reason.value : undefined)
  ) {
    advice.value = ''
    reason.value = ''
  }
}
</script>

<template>
  <div class="bg-rubber px-4 pt-3 pb-4 text-white">
    <p class="label-read text-[#f2b49b]">{{ call.closedAt ? 'Done' : 'Hand over' }}</p>
    <h2 class="mt-1 text-2xl leading-tight">
      <template v-if="call.closedAt">Closed at {{ clock(call.closedAt) }}</template>
      <template v-else-if="cured">Cured and proved</template>
      <template v-else-if="step?.kind === 'REFER'">Hand the call on</template>
      <template v-else>Close with gaps</template>
    </h2>
    <p v-if="cured && cause" class="mt-1 text-[#e6e2d8]">
      It was: {{ cause.name }}, {{ percent(cause.chance) }} sure.
    </p>
    <p v-for="line in step?.kind === 'REFER' ? step.reasons : []" :key="line" class="mt-1 text-[#e6e2d8]">
      {{ line }}
    </p>
  </div>
  <div class="grid gap-3 p-4">
    <p v-if="call.partUses.length" class="flex justify-between gap-3 font-semibold">
      <span>Parts from the van</span>
      <span class="font-mono">{{ money(call.partsTotal, session!.currency) }}</span>
    </p>
    <template v-if="call.closedAt">
      <p v-if="call.signOff"><b>Left open on purpose:</b> {{ call.signOff }}</p>
      <p v-if="call.advice"><b>Advice given:</b> {{ call.advice }}</p>
      <RouterLink :to="`/calls/${call.id}/report`" class="btn btn-act">Report for the customer</RouterLink>
      <RouterLink to="/round" class="btn">Back to the round</RouterLink>
      <button type="button" class="btn" :disabled="actions.busy.value" @click="actions.reopen()">
        Open it again
      </button>
    </template>
    <template v-else>
      <p v-for="code in shown" :key="code.code">
        <b
          >Clear <span class="font-mono">{{ codeName(code) }}</span>:</b
        >
        {{ code.clear }}
      </p>
      <StepCaution v-for="caution in call.cautionsOpen" :key="caution" :caution="caution" />
      <PartPicker
        v-for="{ remedy, part } in uncounted"
        :key="remedy.id + part"
        :remedy="remedy"
        :part="part"
      />
      <form class="grid gap-3" @submit.prevent="close">
        <div v-if="call.gaps.length" class="border-act grid gap-1 border-l-8 pl-3">
          <p class="font-semibold">These gaps stay open:</p>
          <ul class="list-disc pl-5">
            <li v-for="gap in call.gaps" :key="gap">{{ gap }}</li>
          </ul>
          <label class="mt-1 block font-semibold" for="reason">Reason</label>
          <input
            id="reason"
            v-model="reason"
            class="field"
            required
            maxlength="500"
            placeholder="For example: part ordered, back on Friday"
          />
        </div>
        <div>
          <label class="mb-1 block font-semibold" for="advice">Advice to the customer</label>
          <textarea id="advice" v-model="advice" rows="3" maxlength="2000" class="field py-2" />
          <ul v-if="suggestions.length" aria-label="What might be told">
            <li
              v-for="line in suggestions"
              :key="line"
              class="border-line flex items-center justify-between gap-2 border-b border-dashed"
            >
              <span class="py-1 text-[0.95rem] leading-tight">{{ line }}</span>
              <button type="button" class="btn btn-quiet px-2 text-sm" @click="advise(line)">add</button>
            </li>
          </ul>
        </div>
        <button class="btn btn-act min-h-14 text-lg" :disabled="actions.busy.value">Close the call</button>
        <button v-if="!cured" type="button" class="btn btn-quiet" @click="emit('back')">
          Back to the next step
        </button>
      </form>
    </template>
  </div>
</template>
