<script setup lang="ts">
import type { Session, StockedPart } from '../api/types'
import Sheet from '../ui/Sheet.vue'
import MoveForm from './MoveForm.vue'
import Moves from './Moves.vue'
import PartForm from './PartForm.vue'

/**
 * @param stocked none while a new part is entered
 * @param here whether it is only what this device knows
 */
defineProps<{ stocked?: StockedPart; session: Session; here?: boolean }>()
const open = defineModel<boolean>({ required: true })
</script>

<template>
  <Sheet v-model="open" :title="stocked ? stocked.part.name : 'New part'" wide>
    <div class="grid gap-6">
      <template v-if="stocked">
        <MoveForm :stocked="stocked" :session="session" />
        <details v-if="session.lead && !here">
          <summary class="min-h-12 cursor-pointer py-3 font-semibold">Change the part</summary>
          <PartForm :key="stocked.part.version" :part="stocked.part" @kept="open = false" />
        </details>
        <Moves v-if="!here" :part="stocked.part.id" />
      </template>
      <PartForm v-else @kept="open = false" />
    </div>
  </Sheet>
</template>
