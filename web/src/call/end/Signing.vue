<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { JobLine } from '../../api/types'
import Notice from '../../ui/Notice.vue'
import Sheet from '../../ui/Sheet.vue'
import TextField from '../../ui/field/TextField.vue'
import { useCallContext } from '../context'
import SignaturePad from './SignaturePad.vue'

/** The customer signs for the work. */
const { call, actions } = useCallContext()
const line = computed(() => call.value.job.signature[0])
const open = ref(false)
const name = ref('')
const strokes = ref('')
watch(open, (isOpen) => {
  if (!isOpen) return
  name.value = line.value?.what.name ?? call.value.customer.name
  strokes.value = ''
})

async function keep() {
  const what: JobLine = { kind: 'signature', name: name.value.trim(), strokes: strokes.value }
  if (await actions.write(what, line.value)) open.value = false
}
</script>

<template>
  <button type="button" class="btn" @click="open = true">
    {{ line ? `✓ Signed by ${line.what.name}` : 'Customer signs' }}
  </button>
  <Sheet v-model="open" title="Customer signs">
    <form class="grid gap-3" @submit.prevent="keep">
      <Notice
        v-if="actions.problem.value"
        :problem="actions.problem.value"
        @again="actions.again()"
        @dismiss="actions.dismiss()"
      />
      <p>You confirm that the work in the report was done.</p>
      <TextField v-model="name" label="Name" maxlength="80" required />
      <SignaturePad v-if="open" v-model="strokes" />
      <button class="btn btn-act min-h-14" :disabled="!strokes || !name.trim() || actions.busy.value">
        Save
      </button>
    </form>
  </Sheet>
</template>
