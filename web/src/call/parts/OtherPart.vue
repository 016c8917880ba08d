<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDraft } from '../../ui/kept/drafts'
import Stepper from '../../ui/field/Stepper.vue'
import TextField from '../../ui/field/TextField.vue'
import { useCallContext } from '../context'

/** A part that the list does not have: it is charged, and proposed for the list. */
const props = defineProps<{ remedy: string; fits: string; name: string; currency: string; open: boolean }>()
const { call, actions } = useCallContext()
const blank = { number: '', name: props.name, price: '', used: 1 }
const draft = useDraft(`other-part:${call.value.head.id}:${props.remedy}:${props.fits}`, blank)
const wrong = ref('')
const fields = computed(() => actions.problem.value?.fields ?? {})

async function use() {
  const price = draft.value.price.trim().replace(',', '.')
  wrong.value = /^\d+(\.\d{1,2})?$/.test(price) ? '' : 'A number, please, like 12.50.'
  if (wrong.value) return
  const { number, name, used } = draft.value
  const other = { remedy: props.remedy, fits: props.fits, number, name, price: Number(price), used }
  if (await actions.useOther(other)) draft.value = { ...blank }
}
</script>

<template>
  <details :open="open">
    <summary class="min-h-12 cursor-pointer py-3 font-semibold">A part that is not on the list</summary>
    <form class="grid gap-2" novalidate @submit.prevent="use">
      <TextField v-model="draft.name" label="What it is" maxlength="80" :error="fields.name" />
      <div class="grid grid-cols-2 gap-3">
        <TextField
          v-model="draft.number"
          label="Number"
          hint="If it has one"
          maxlength="30"
          :error="fields.number"
        />
        <TextField
          v-model="draft.price"
          :label="`Price of one, ${currency}`"
          inputmode="decimal"
          :error="wrong || fields.price"
        />
      </div>
      <Stepper v-model="draft.used" label="How many of it" hide-label :min="1" :max="99" />
      <button class="btn" :disabled="actions.busy.value">It went in</button>
    </form>
  </details>
</template>
