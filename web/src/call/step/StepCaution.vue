<script setup lang="ts">
import { computed } from 'vue'
import { byId } from '../../judgement/byId'
import CautionNote from '../../ui/CautionNote.vue'
import { clock, otherDay } from '../../ui/text/clocks'
import { confirmedLast } from './confirmed'
import { useCallContext } from '../context'

const props = defineProps<{ caution: string }>()
const { call, pack, actions } = useCallContext()
const known = computed(() => byId(pack.value.cautions, props.caution))
const kept = computed(() => confirmedLast(call.value, props.caution))
</script>

<template>
  <p v-if="kept" class="text-clean font-semibold">
    ✓ {{ known?.done }}, {{ otherDay(kept.at) }} {{ clock(kept.at) }}
  </p>
  <CautionNote v-else :pack="pack" :caution="caution">
    <button
      type="button"
      class="btn mt-2 w-full"
      :disabled="actions.busy.value"
      @click="actions.confirm(caution)"
    >
      {{ known?.done }}
    </button>
  </CautionNote>
</template>
