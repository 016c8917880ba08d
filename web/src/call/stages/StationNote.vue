<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Condition, Line } from '../../api/types'
import Chips from '../../ui/field/Chips.vue'
import OpenShare from '../../ui/OpenShare.vue'
import Tick from '../../ui/field/Tick.vue'
import { useDraft } from '../../ui/kept/drafts'
import { useCallContext } from '../context'
import { AMOUNT, conditionText, STUFF, WEAR } from '../job'

/** Days since the last cleaning, by what people remember. */
const SINCE = { '7': 'A week', '30': 'A month', '180': 'Half a year', '365': 'A year', '1095': 'Years' }

const props = defineProps<{ station: { id: string; name: string }; line?: Line<Condition>; open: boolean }>()
const { call, actions } = useCallContext()
/** Nothing is chosen until somebody has looked. */
const draft = useDraft<Partial<Condition> & { binned: boolean }>(
  `condition:${call.value.head.id}:${props.station.id}:${props.line?.version ?? 0}`,
  { binned: false, ...props.line?.what },
)
const since = computed<keyof typeof SINCE | undefined>({
  get: () => (draft.value.sinceDays ? (String(draft.value.sinceDays) as keyof typeof SINCE) : undefined),
  set: (days) => (draft.value.sinceDays = days && Number(days)),
})
const sent = ref(false)
const missing = computed(() => {
  if (!draft.value.stuff) return 'Choose what was in it.'
  return draft.value.wear ? '' : 'Choose what the part itself is like.'
})
async function keep() {
  sent.value = true
  const { stuff, wear, ...rest } = draft.value
  if (stuff && wear)
    await actions.write({ ...rest, kind: 'condition', station: props.station.id, stuff, wear }, props.line)
}
</script>

<template>
  <details class="border-line rounded-lg border-2 px-3 py-1" :open="open">
    <summary class="min-h-12 cursor-pointer py-1 leading-tight">
      <span class="font-head text-lg font-bold">{{ station.name }}</span>
      <span class="block text-[0.95rem]" :class="line ? 'text-clean font-semibold' : 'text-soft'">
        {{ line ? `✓ ${conditionText(line.what)}` : 'not noted yet' }}
      </span>
    </summary>
    <form v-if="!call.head.closing" class="grid gap-3 pb-2" @submit.prevent="keep">
      <Chips v-model="draft.stuff" label="What was in it" :options="STUFF" />
      <Chips v-model="draft.amount" label="How much came out" :options="AMOUNT" />
      <OpenShare v-model="draft.before" label="Open before" />
      <OpenShare v-model="draft.after" label="Open now" />
      <Chips v-model="draft.wear" label="The part itself" :options="WEAR" />
      <Chips v-model="since" label="Last cleaned how long ago, if anybody knows" :options="SINCE" />
      <Tick v-model="draft.binned" label="What came out is in the bin, not down the drain" />
      <p v-if="sent && missing" class="text-act font-semibold" role="alert">{{ missing }}</p>
      <div class="flex gap-2">
        <button class="btn btn-act flex-1" :disabled="actions.busy.value">Note it</button>
        <button
          v-if="line"
          type="button"
          class="btn btn-quiet"
          :disabled="actions.busy.value"
          @click="actions.strike(line)"
        >
          Take back
        </button>
      </div>
    </form>
  </details>
</template>
