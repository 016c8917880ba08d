<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Proof } from '../../api/types'
import TextField from '../../ui/TextField.vue'
import { useDraft } from '../../ui/drafts'
import { useCallContext } from '../context'
import { useProofRun } from './useProofRun'

const props = defineProps<{ proof: Proof; when: 'before' | 'after' }>()
const { call, actions } = useCallContext()
const { run, change } = useProofRun(() => props.proof)
const kept = computed(() => run.value[props.when])
const typed = useDraft(`reading:${call.value.id}:${props.proof.id}:${props.when}`, '')
const error = ref<string>()

async function keep() {
  const text = typed.value.trim().replace(',', '.')
  const value = Number(text)
  error.value = text && Number.isFinite(value) ? undefined : 'A number, please, for example 3.5.'
  if (!error.value && (await change({ [props.when]: value }))) typed.value = ''
}
</script>

<template>
  <form v-if="!call.closedAt" class="flex items-start gap-2" novalidate @submit.prevent="keep">
    <TextField
      v-model="typed"
      class="min-w-0 flex-1"
      :label="`${proof.reading!.name}, ${when} (${proof.reading!.unit})`"
      :placeholder="kept === undefined ? '' : String(kept)"
      :error="error"
      :hint="kept === undefined ? undefined : `✓ ${kept} ${proof.reading!.unit}`"
      inputmode="decimal"
      maxlength="12"
    />
    <button class="btn mt-7" :disabled="actions.busy.value || !typed.trim()">Keep</button>
  </form>
  <p v-else-if="kept !== undefined">
    {{ proof.reading!.name }}, {{ when }}: {{ kept }} {{ proof.reading!.unit }}
  </p>
</template>
