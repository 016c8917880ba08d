<script setup lang="ts">
import { computed } from 'vue'
import { byId } from '../judgement/byId'
import CautionNote from '../ui/CautionNote.vue'
import { clock, otherDay } from '../ui/clocks'
import { lowerFirst } from '../ui/format'
import { confirmedLast } from './confirmed'
import { useCallContext } from './context'

const props = defineProps<{ caution: string }>()
const { call, pack, actions } = useCallContext()
const known = computed(() => byId(pack.value.cautions, props.caution))
/** What was done about it, and never as if it had happened. */
const done = computed(() => (known.value?.hazard === 'POWER' ? 'cut off' : 'done'))
const kept = computed(() => confirmedLast(call.value, props.caution))
</script>

<template>
  <p v-if="kept" class="text-clean font-semibold">
    ✓ {{ known?.title }}: {{ done }} {{ otherDay(kept.at) }} {{ clock(kept.at) }}
  </p>
  <CautionNote v-else :pack="pack" :caution="caution">
    <button
      type="button"
      class="btn mt-2 w-full"
      :disabled="actions.busy.value"
      @click="actions.confirm(caution)"
    >
      Done: {{ lowerFirst(known?.title ?? '') }}
    </button>
  </CautionNote>
</template>
