<script setup lang="ts">
import { computed, ref } from 'vue'
import { byId } from '../../judgement/byId'
import CautionNote from '../../ui/CautionNote.vue'
import { onKey } from '../../ui/keys'
import { clock, otherDay } from '../../ui/text/clocks'
import { confirmedLast } from './confirmed'
import { useCallContext } from '../context'

const props = defineProps<{ caution: string }>()
const { call, pack, actions } = useCallContext()
const known = computed(() => byId(pack.value.cautions, props.caution))
const kept = computed(() => confirmedLast(call.value, props.caution))

/** A key leads to the first that is not confirmed, and does not confirm it: it comes into view, and is read. */
const button = ref<HTMLButtonElement>()
onKey('c', () => {
  if (button.value === document.querySelector('[data-confirms]')) button.value?.focus()
})
</script>

<template>
  <p v-if="kept" class="text-clean font-semibold">
    ✓ {{ known?.done }}, {{ otherDay(kept.at) }} {{ clock(kept.at) }}
  </p>
  <CautionNote v-else :pack="pack" :caution="caution">
    <button
      ref="button"
      type="button"
      class="btn mt-2 w-full"
      data-confirms
      :disabled="actions.busy.value"
      @click="actions.confirm(caution)"
    >
      {{ known?.done }}
    </button>
  </CautionNote>
</template>
