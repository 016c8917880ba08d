<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Proof } from '../../api/types'
import MeterSheet from '../../readings/MeterSheet.vue'
import { useUnits } from '../../readings/useUnits'
import TextField from '../../ui/field/TextField.vue'
import { sendTyped, useDraft } from '../../ui/kept/drafts'
import { readNumber } from '../../ui/field/figures'
import { useCallContext } from '../context'
import { useProofRun } from './useProofRun'

const props = defineProps<{ proof: Proof; when: 'before' | 'after' }>()
const { call, actions } = useCallContext()
const { run, change } = useProofRun(() => props.proof)
/** What is noted here, or was read at a check before the cure. */
const kept = computed(
  () =>
    run.value[props.when] ??
    (props.when === 'before' ? call.value.prove.measuredBefore[props.proof.id] : undefined),
)
const units = useUnits()
const reading = computed(() => props.proof.reading!)
const symbol = computed(() =>
  reading.value.quantity ? units.symbol(reading.value.quantity) : reading.value.unit,
)
const shown = computed(() => kept.value !== undefined && units.reading(reading.value, kept.value))
const meter = computed(() => reading.value.check && call.value.find.measures[reading.value.check]?.meter)
const metering = ref(false)
const typed = useDraft(`reading:${call.value.head.id}:${props.proof.id}:${props.when}`, '')
const error = ref<string>()

async function keep() {
  const read = readNumber(typed.value)
  error.value = 'error' in read ? read.error : undefined
  if ('error' in read) return
  const { quantity } = reading.value
  const base = quantity ? units.toBase(quantity, read.value) : read.value
  await sendTyped(typed, () => change({ [props.when]: base }))
}
</script>

<template>
  <form v-if="!call.head.closing" class="flex items-start gap-2" novalidate @submit.prevent="keep">
    <TextField
      v-model="typed"
      class="min-w-0 flex-1"
      :label="`${reading.name}, ${when} (${symbol})`"
      :error="error"
      :hint="shown ? `✓ ${shown}` : undefined"
      inputmode="decimal"
      maxlength="12"
    />
    <button v-if="meter" type="button" class="btn mt-7 px-3" @click="metering = true">Meter</button>
    <button class="btn mt-7" :disabled="actions.busy.value || !typed.trim()">Save</button>
  </form>
  <p v-else-if="shown">{{ reading.name }}, {{ when }}: {{ shown }}</p>
  <MeterSheet
    v-if="metering"
    v-model="metering"
    :at="{ call: call.head.id, kind: call.machine.kind, check: reading.check! }"
    :name="reading.name"
    :quantity="reading.quantity!"
    @take="typed = $event.text"
  />
</template>
