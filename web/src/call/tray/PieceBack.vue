<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Call, Laid, Line } from '../../api/types'
import LineDrawing from '../../ui/drawing/LineDrawing.vue'
import Stepper from '../../ui/field/Stepper.vue'
import Tick from '../../ui/field/Tick.vue'
import { useDraft } from '../../ui/kept/drafts'
import { clock } from '../../ui/text/clocks'
import { hours } from '../../ui/text/format'
import { useCallContext } from '../context'
import { CONFIRMATION, handling, screwsText } from '../job'
import StaysOff from './StaysOff.vue'

const props = defineProps<{
  line: Line<Laid>
  state: Call['close']['tray']['wayBack'][number]['state']
  waitsFor: string[]
  open: boolean
}>()
const { call, actions } = useCallContext()
const piece = computed(() => props.line.what)
const asFound = () => ({
  back: piece.value.screws.map(({ screws }) => screws.count),
  confirmed: [] as Laid['confirmed'],
})
const draft = useDraft(`back:${props.line.id}`, asFound())
const drawing = computed(
  () =>
    call.value.open.layers.flatMap((layer) => layer.pieces).find((one) => one.id === piece.value.piece)
      ?.drawing,
)
const staysOff = ref(false)
const dry = computed(() => clock(piece.value.dryUntil))
const note = computed(() => {
  switch (props.state) {
    case 'BACK':
      return '✓ back in'
    case 'LEFT_OUT':
      return `left out: ${piece.value.reason}`
    case 'DRIES':
      return `dries until ${dry.value}, ${hours((piece.value.dryUntil - Date.now()) / 60_000)} more`
    case 'WAITS':
      return `after ${props.waitsFor.join(', ')}`
    default:
      return handling(piece.value)
  }
})

const place = (change: Partial<Laid>) => actions.write({ ...piece.value, ...change }, props.line)
const screws = (back: (group: number) => number) =>
  piece.value.screws.map((some, group) => ({ ...some, back: back(group) }))
async function putBack() {
  const screwsIn = screws((group) => draft.value.back[group] ?? 0)
  const { confirmed } = draft.value
  if (await place({ place: 'BACK', dryUntil: 0, screws: screwsIn, confirmed })) draft.value = asFound()
}
const onTray = () => place({ place: 'TRAY', screws: screws(() => 0), confirmed: [], reason: undefined })
/** Tells one kind of screws of a piece from its others. */
const which = (group: Laid['screws'][number]) =>
  piece.value.screws.length > 1 ? `, ${group.screws.place || group.screws.drive}` : ''
const confirm = (what: Laid['confirmed'][number], on: boolean) =>
  (draft.value.confirmed = on
    ? [...draft.value.confirmed, what]
    : draft.value.confirmed.filter((one) => one !== what))
</script>

<template>
  <details class="border-line rounded-lg border-2 px-3 py-1" :open="open">
    <summary class="min-h-12 cursor-pointer py-1 leading-tight">
      <span class="text-lg font-semibold">{{ piece.name }}</span>
      <span
        class="block text-[0.95rem]"
        :class="state === 'BACK' ? 'text-clean font-semibold' : 'text-soft'"
        >{{ note }}</span
      >
    </summary>
    <div v-if="!call.head.closing" class="grid gap-2 pb-2">
      <template v-if="state === 'BACK' || state === 'LEFT_OUT'">
        <template v-if="state === 'BACK'">
          <p v-for="(group, i) in piece.screws" :key="i">
            {{ group.back }} of {{ group.screws.count }} screws back in{{ which(group) }}.
          </p>
        </template>
        <button type="button" class="btn" :disabled="actions.busy.value" @click="onTray">
          It is on the tray again
        </button>
      </template>
      <template v-else>
        <LineDrawing v-if="drawing" :drawing="drawing" />
        <p v-if="state !== 'READY' && handling(piece)">{{ handling(piece) }}</p>
        <template v-for="(group, i) in piece.screws" :key="i">
          <p>
            {{ screwsText(group.screws) }}
            <b v-if="group.cup" class="border-edge rounded border-2 px-1 font-mono text-sm">{{
              group.cup
            }}</b>
          </p>
          <Stepper
            v-model="draft.back[i]!"
            :label="`screws back in${which(group)}`"
            :max="group.screws.count"
          />
        </template>
        <Tick
          v-for="what in piece.confirm"
          :key="what"
          :label="CONFIRMATION[what]"
          :model-value="draft.confirmed.includes(what)"
          @update:model-value="confirm(what, $event)"
        />
        <button
          type="button"
          class="btn min-h-14 text-lg"
          :class="{ 'btn-act': state === 'READY' }"
          :disabled="actions.busy.value"
          @click="putBack"
        >
          {{ piece.name }}: back in
        </button>
        <StaysOff v-if="staysOff" :piece="piece" @place="place" />
        <button v-else type="button" class="btn btn-quiet" @click="staysOff = true">
          It can’t be refitted yet
        </button>
      </template>
    </div>
  </details>
</template>
