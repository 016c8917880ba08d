<script setup lang="ts">
import { computed } from 'vue'
import { byId } from '../judgement/byId'
import CautionNote from '../ui/CautionNote.vue'
import { clock, otherDay } from '../ui/clocks'
import { useCallContext } from './context'

const props = defineProps<{ caution: string }>()
const { call, pack, actions } = useCallContext()
const kept = computed(() => call.value.cautions.find((one) => one.caution === props.caution))
</script>

<template>
  <p v-if="kept" class="text-clean font-semibold">
    ✓ {{ byId(pack.cautions, caution)?.title }}: confirmed {{ otherDay(kept.at) }} at {{ clock(kept.at) }}
  </p>
  <CautionNote v-else :pack="pack" :caution="caution">
    <button
      type="button"
      class="btn mt-2 w-full"
      :disabled="actions.busy.value"
      @click="actions.confirm(caution)"
    >
      Taken care of: {{ byId(pack.cautions, caution)?.title }}
    </button>
  </CautionNote>
</template>
