<script setup lang="ts">
import { v7 as uuid } from 'uuid'
import { computed, reactive } from 'vue'
import { useKinds, useKnowhowHere } from '../api/queries'
import type { ListedPart } from '../api/types'
import Notice from '../ui/Notice.vue'
import TextField from '../ui/field/TextField.vue'
import { usePutPart } from './queries'

/** @param part none for a new one */
const props = defineProps<{ part?: ListedPart }>()
const emit = defineEmits<{ kept: [] }>()
const form = reactive({
  id: props.part?.id ?? uuid(),
  number: props.part?.number ?? '',
  name: props.part?.name ?? '',
  kind: props.part?.kind ?? 'dishwasher',
  fits: props.part?.fits ?? '',
  maker: props.part?.maker ?? '',
  price: props.part?.price.toFixed(2) ?? '',
  cost: props.part?.cost?.toFixed(2) ?? '',
  replaces: props.part?.replaces ?? '',
  supplier: props.part?.supplier ?? '',
  place: props.part?.place ?? '',
  code: props.part?.code ?? '',
  minimum: String(props.part?.minimum ?? 0),
  warrantyMonths: String(props.part?.warrantyMonths ?? ''),
})
const { data: kinds } = useKinds()
const { data: knowhow } = useKnowhowHere(() => form.kind || undefined)
const kindsOfPart = computed(() => (form.kind ? (knowhow.value?.pack.parts ?? []) : []))

const put = usePutPart()
const NUMBERS = ['price', 'cost', 'minimum', 'warrantyMonths'] as const
/** What was typed that is no number; the rest is the server's to refuse. */
const notNumbers = computed(() =>
  Object.fromEntries(
    NUMBERS.filter((name) => !/^(\d+([.,]\d+)?)?$/.test(form[name].trim())).map((name) => [
      name,
      'A number, please.',
    ]),
  ),
)
const errors = computed<Record<string, string>>(() => ({ ...put.error.value?.fields, ...notNumbers.value }))
const number = (text: string) => (text.trim() ? Number(text.trim().replace(',', '.')) : undefined)

function keep() {
  if (Object.keys(notNumbers.value).length) return
  const part = {
    ...form,
    maker: form.maker.trim() || undefined,
    fits: form.kind ? form.fits : '',
    price: number(form.price),
    cost: number(form.cost),
    minimum: Math.round(number(form.minimum) ?? 0),
    warrantyMonths: number(form.warrantyMonths),
    version: props.part?.version ?? 0,
  }
  // A price that is missing is the server's to ask for.
  put.mutate(part as ListedPart, { onSuccess: () => emit('kept') })
}
</script>

<template>
  <form class="grid gap-3 sm:grid-cols-2" novalidate @submit.prevent="keep">
    <Notice
      v-if="put.error.value"
      class="sm:col-span-2"
      :problem="put.error.value"
      @again="keep"
      @dismiss="put.reset()"
    />
    <TextField v-model="form.number" label="Number" :error="errors.number" maxlength="30" />
    <TextField v-model="form.name" label="What it is" :error="errors.name" maxlength="80" />
    <label class="grid content-start gap-1">
      <span class="font-semibold">For</span>
      <select v-model="form.kind" class="field" @change="form.fits = ''">
        <option v-for="kind in kinds" :key="kind.id" :value="kind.id">{{ kind.name }}</option>
        <option value="">No machine: a consumable</option>
      </select>
    </label>
    <label v-if="form.kind" class="grid content-start gap-1">
      <span class="font-semibold">Which part of it</span>
      <select v-model="form.fits" class="field" :aria-invalid="!!errors.fits">
        <option v-for="one in kindsOfPart" :key="one.id" :value="one.id">{{ one.name }}</option>
      </select>
      <span v-if="errors.fits" class="text-act text-sm font-semibold">{{ errors.fits }}</span>
    </label>
    <TextField
      v-model="form.maker"
      label="Maker whose machines it fits"
      hint="Blank: any maker’s"
      :error="errors.maker"
      maxlength="60"
    />
    <TextField
      v-model="form.replaces"
      label="Comes in place of number"
      :error="errors.replaces"
      maxlength="30"
    />
    <TextField v-model="form.price" label="Price" inputmode="decimal" :error="errors.price" />
    <TextField v-model="form.cost" label="What it costs you" inputmode="decimal" :error="errors.cost" />
    <TextField v-model="form.supplier" label="Supplier" :error="errors.supplier" maxlength="60" />
    <TextField v-model="form.place" label="Place on the van" :error="errors.place" maxlength="40" />
    <TextField
      v-model="form.code"
      label="Barcode on its packet"
      hint="Typed, or read by a scanner"
      :error="errors.code"
      maxlength="80"
    />
    <TextField
      v-model="form.minimum"
      label="Minimum on all vans together"
      hint="Below it, it is on the order list"
      inputmode="numeric"
      :error="errors.minimum"
    />
    <TextField
      v-model="form.warrantyMonths"
      label="Maker’s warranty, months"
      hint="Blank: nothing is known"
      inputmode="numeric"
      :error="errors.warrantyMonths"
    />
    <button class="btn btn-act self-end sm:col-span-2 sm:justify-self-start" :disabled="put.isPending.value">
      Save the part
    </button>
  </form>
</template>
