<script setup lang="ts">
import { computed } from 'vue'
import { useDraft } from '../../ui/kept/drafts'
import { days } from '../../ui/text/format'
import { useCallContext } from '../context'
import Foot from '../Foot.vue'
import { STAGE_TITLE } from '../ring/stageTitle'

const { call, actions, stage } = useCallContext()
const advice = useDraft(`advice:${call.value.head.id}`, '')
const reason = useDraft(`reason:${call.value.head.id}`, '')

/** The segments with gaps, each with those of its gaps that count for closing. */
const open = computed(() => {
  const texts = new Set(call.value.handOver.gaps.map((gap) => gap.text))
  return call.value.ring
    .map((segment) => ({ ...segment, gaps: segment.gaps.filter((gap) => texts.has(gap.text)) }))
    .filter((segment) => segment.gaps.length)
})
const beyond = computed(() => new Set(call.value.handOver.beyond.map((gap) => gap.text)))
/** What the customer might be told, that is not in the advice yet. */
const suggestions = computed(() => {
  const { habits, dues } = call.value.handOver.suggestions
  return [
    ...habits,
    ...dues.map((due) => `${due.task}: ${due.days ? `every ${days(due.days)}` : 'after every use'}.`),
  ].filter((line) => !advice.value.includes(line))
})
const advise = (line: string) => (advice.value = advice.value ? `${advice.value.trimEnd()}\n${line}` : line)

async function close() {
  const why = call.value.handOver.gaps.length ? reason.value : ''
  if (await actions.close(call.value.head.version, advice.value, why)) {
    advice.value = ''
    reason.value = ''
    stage.show()
  }
}
</script>

<template>
  <form class="flex flex-col gap-3" @submit.prevent="close">
    <div v-if="open.length" class="border-act grid gap-1 border-l-8 pl-3">
      <p class="font-semibold">These gaps stay open:</p>
      <ul class="grid gap-1" aria-label="Gaps">
        <li v-for="segment in open" :key="segment.stage">
          <button
            type="button"
            class="flex min-h-12 w-full flex-col justify-center text-left leading-tight"
            @click="stage.show(segment.stage)"
          >
            <b class="underline decoration-dotted underline-offset-4">{{ STAGE_TITLE[segment.stage] }}</b>
            <span v-for="gap in segment.gaps" :key="gap.text" class="text-[0.95rem]">
              {{ gap.text }}
              <b v-if="beyond.has(gap.text)" class="text-act">{{
                gap.signedOffBy === 'NOBODY' ? 'Cannot stay open.' : 'Only the lead may leave it.'
              }}</b>
            </span>
          </button>
        </li>
      </ul>
      <template v-if="!beyond.size">
        <label class="mt-1 block font-semibold" for="reason">Reason</label>
        <input
          id="reason"
          v-model="reason"
          class="field"
          required
          maxlength="500"
          placeholder="For example: part ordered"
        />
      </template>
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
    <Foot label="Closing">
      <button
        class="btn min-h-14 text-lg"
        :class="{ 'btn-act': !open.length }"
        :disabled="actions.busy.value || beyond.size > 0"
      >
        Close the call
      </button>
    </Foot>
  </form>
</template>
