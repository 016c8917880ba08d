<script setup lang="ts">
import { computed } from 'vue'
import { byId } from '../../judgement/byId'
import { chain } from '../../judgement/chain'
import PanelHead from '../../ui/PanelHead.vue'
import { minutes } from '../../ui/text/format'
import { remedyTried } from '../../judgement/finding'
import { useCallContext } from '../context'
import PartPicker from '../parts/PartPicker.vue'
import StepMethod from '../step/StepMethod.vue'
import WaysIn from '../about/WaysIn.vue'
import GoOn from '../stages/GoOn.vue'
import StationNotes from '../stages/StationNotes.vue'
import Things from '../end/Things.vue'
import { useUpkeep } from './useUpkeep'

/** @param chosen id of the remedy of a task that is to be shown out of turn */
const props = defineProps<{ chosen?: string }>()
const { call, pack, actions, stage } = useCallContext()
const { tasks, due, done, next } = useUpkeep()

const task = computed(() => tasks.value.find((one) => one.remedy === props.chosen) ?? next.value)
const remedy = computed(() => byId(pack.value.remedies, task.value?.remedy))
const layer = computed(() => byId(call.value.open.layers, task.value?.layer))
/** Those of all that was done, for what is still to be noted. */
const worked = computed(() =>
  tasks.value.filter((one) => one.done).map((one) => byId(pack.value.remedies, one.remedy)!),
)

async function seesFault() {
  if (await actions.seeFault()) stage.show('CALL')
}
</script>

<template>
  <PanelHead
    :label="`Clean · ${done.length} of ${due.length} done`"
    :title="remedy?.name ?? 'All that was due is done'"
  >
    <ul v-if="remedy" class="mt-2 flex flex-wrap gap-2 font-mono text-xs font-medium">
      <li class="rounded border border-[#8a9192] px-1.5 py-0.5">{{ minutes(remedy.minutes) }}</li>
      <li
        v-for="tool in call.applicable.tools.remedies[remedy.id]"
        :key="tool"
        class="rounded border border-[#8a9192] px-1.5 py-0.5"
      >
        {{ tool }}
      </li>
    </ul>
  </PanelHead>
  <div v-if="remedy && task" :key="remedy.id" class="grid gap-3 p-4">
    <div
      v-if="layer"
      class="border-line flex items-center justify-between gap-3 rounded-lg border-2 py-1 pl-3"
    >
      <p><b>Opened:</b> {{ layer.name }}</p>
      <button type="button" class="btn btn-quiet" @click="stage.show('OPEN')">The tray</button>
    </div>
    <WaysIn v-if="!task.done" :layers="chain(call.open.layers, task.layer)" />
    <StepMethod :step="{ kind: 'REMEDY', id: remedy.id }" />
    <PartPicker v-for="part in remedy.parts" :key="part" :remedy="remedy" :part="part" />
    <StationNotes :remedies="[remedy]" folded />
    <p v-if="task.done" class="text-clean font-semibold">✓ Done on this visit</p>
    <template v-else-if="!call.head.closing">
      <button
        type="button"
        class="btn btn-act min-h-14 text-lg"
        :disabled="actions.busy.value"
        @click="actions.settle(remedyTried(remedy.id, 'KEPT_UP'))"
      >
        Done
      </button>
      <button type="button" class="btn" :disabled="actions.busy.value" @click="seesFault">
        Something is wrong with it
      </button>
    </template>
    <GoOn />
  </div>
  <div v-else class="grid gap-4 p-4">
    <StationNotes :remedies="worked" />
    <Things />
    <GoOn />
  </div>
</template>
