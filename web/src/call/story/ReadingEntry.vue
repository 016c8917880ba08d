<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Entry, Written } from '../../api/types'
import MeterSheet from '../../readings/MeterSheet.vue'
import TextField from '../../ui/field/TextField.vue'
import { useDraft } from '../../ui/kept/drafts'
import { useSession } from '../../api/queries'
import { byId } from '../../judgement/byId'
import { useCallContext } from '../context'

const props = defineProps<{
  check: string
  /** The entry that it corrects; none for a new one. */
  entry?: Entry
}>()
const emit = defineEmits<{ kept: [] }>()
const { call, pack, actions } = useCallContext()
const { data: session } = useSession()
const measurable = computed(() => call.value.find.measures[props.check]!)
const measure = computed(() => byId(pack.value.checks, props.check)!.measure!)
const typed = useDraft<Written>(`reading:${call.value.head.id}:${props.check}`, {})
const metering = ref(false)

/** The sentence belongs beside what was typed. */
const error = computed(() => actions.problem.value?.fields.reading)

async function keep() {
  const { text = '', standardUncertainty, source } = typed.value
  const measured = { text, standardUncertainty, source, unit: measurable.value.unit }
  const kept = props.entry
    ? actions.retakeReading(props.entry, measured)
    : actions.takeReading(props.check, measured)
  if (await kept) {
    typed.value = {}
    emit('kept')
  }
}
</script>

<template>
  <form class="border-edge grid gap-2 rounded-lg border-2 bg-paper p-3" novalidate @submit.prevent="keep">
    <div class="flex items-start gap-2">
      <TextField
        :model-value="typed.text ?? ''"
        class="min-w-0 flex-1"
        :label="measurable.unit ? `${measurable.name}, ${measurable.unit}` : measurable.name"
        :error="error"
        :hint="`Sound ones read ${measurable.sound}.`"
        inputmode="decimal"
        maxlength="12"
        autocomplete="off"
        @update:model-value="typed = { text: $event }"
      />
      <button class="btn btn-act mt-7" :disabled="actions.busy.value || !typed.text">Save</button>
    </div>
    <div class="flex flex-wrap gap-2 empty:hidden">
      <button
        v-if="measurable.meter && session?.simulatedMeters"
        type="button"
        class="btn"
        @click="metering = true"
      >
        From a meter
      </button>
      <RouterLink
        v-if="measurable.gauge"
        :to="{ path: `/gauges/${measurable.gauge}`, query: { call: call.head.id } }"
        class="btn"
        >Work it out</RouterLink
      >
    </div>
    <MeterSheet
      v-if="metering"
      v-model="metering"
      :at="{ call: call.head.id, kind: call.machine.kind, check }"
      :name="measurable.name"
      :quantity="measure.quantity"
      @take="typed = $event"
    />
  </form>
</template>
