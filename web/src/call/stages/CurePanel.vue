<script setup lang="ts">
import { computed } from 'vue'
import { byId } from '../../judgement/byId'
import { remedyOf } from '../../judgement/finding'
import PanelHead from '../../ui/PanelHead.vue'
import { useCallContext } from '../context'
import PartPicker from '../parts/PartPicker.vue'
import Debts from '../tray/Debts.vue'
import GoOn from './GoOn.vue'
import StationNotes from './StationNotes.vue'
import Things from '../end/Things.vue'

const { call, pack } = useCallContext()
/** What was done, in order, each remedy once. */
const done = computed(() =>
  [...new Set(call.value.story.flatMap(({ finding }) => remedyOf(finding) ?? []))].map((id) =>
    byId(pack.value.remedies, id)!,
  ),
)
</script>

<template>
  <PanelHead label="Cure" title="What you found; old parts" />
  <div class="grid gap-4 p-4">
    <StationNotes :remedies="done" />
    <template v-for="remedy in done" :key="remedy.id">
      <PartPicker v-for="part in remedy.parts" :key="part" :remedy="remedy" :part="part" />
    </template>
    <Things />
    <Debts />
    <GoOn />
  </div>
</template>
