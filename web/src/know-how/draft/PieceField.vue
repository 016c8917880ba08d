<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Draft, Instruction } from '../../api/types'
import TextField from '../../ui/field/TextField.vue'
import ChancesField from './ChancesField.vue'
import ChoicesField from './ChoicesField.vue'
import type { Field } from './fields'
import LinesField from './LinesField.vue'
import OutcomesField from './OutcomesField.vue'
import { namesOf, type Outcome } from './sections'
import StepsField from './StepsField.vue'

/** A member of a piece, entered as its field says. */
const props = defineProps<{ field: Field; draft: Draft }>()
const value = defineModel<unknown>({ required: true })
const id = useId()

const names = computed(() => ('from' in props.field ? props.field.from(props.draft) : []))
const scale = computed(() => (props.field.kind === 'number' ? props.field.scale : 1))
const shown = computed(() =>
  typeof value.value === 'number' ? Number((value.value * scale.value).toPrecision(6)) : '',
)
function typed(event: Event) {
  const text = (event.target as HTMLInputElement).value
  value.value = text === '' ? undefined : Number((Number(text) / scale.value).toPrecision(6))
}
</script>

<template>
  <TextField
    v-if="field.kind === 'text'"
    :label="field.label"
    :hint="field.hint"
    :model-value="(value as string) ?? ''"
    maxlength="300"
    :required="!field.optional"
    @update:model-value="value = $event"
  />
  <LinesField
    v-else-if="field.kind === 'lines'"
    :label="field.label"
    :hint="field.hint"
    :model-value="(value as string[]) ?? []"
    @update:model-value="value = $event"
  />
  <StepsField
    v-else-if="field.kind === 'steps'"
    :label="field.label"
    :hint="field.hint"
    :model-value="(value as Instruction[]) ?? []"
    @update:model-value="value = $event"
  />
  <div v-else-if="field.kind === 'number'">
    <label :for="id" class="block font-semibold">{{ field.label }}</label>
    <p v-if="field.hint" :id="`${id}-hint`" class="text-soft text-sm">{{ field.hint }}</p>
    <span class="mt-1 flex items-center gap-2">
      <input
        :id="id"
        class="field w-32 text-right font-mono"
        type="number"
        step="any"
        :required="!field.optional"
        :min="field.least"
        :max="field.most"
        :value="shown"
        :aria-describedby="field.hint ? `${id}-hint` : undefined"
        @input="typed"
      />
      {{ field.unit }}
    </span>
  </div>
  <label v-else-if="field.kind === 'yes'" class="flex min-h-12 items-center gap-3 font-semibold">
    <input
      type="checkbox"
      class="size-6"
      :checked="value === true"
      @change="value = ($event.target as HTMLInputElement).checked"
    />
    {{ field.label }}
  </label>
  <div v-else-if="field.kind === 'choice'">
    <label :for="id" class="mb-1 block font-semibold">{{ field.label }}</label>
    <select
      :id="id"
      class="field"
      :value="value ?? ''"
      :required="!field.optional"
      @change="value = ($event.target as HTMLSelectElement).value"
    >
      <option value="">{{ field.optional ? 'nothing' : 'Choose …' }}</option>
      <option v-for="one in names" :key="one.id" :value="one.id">{{ one.name }}</option>
    </select>
  </div>
  <ChoicesField
    v-else-if="field.kind === 'choices'"
    :label="field.label"
    :hint="field.hint"
    :names="names"
    :model-value="(value as string[]) ?? []"
    @update:model-value="value = $event"
  />
  <ChancesField
    v-else-if="field.kind === 'chances'"
    :label="field.label"
    :hint="field.hint"
    :names="names"
    :model-value="(value as Record<string, number>) ?? {}"
    @update:model-value="value = $event"
  />
  <OutcomesField
    v-else
    :label="field.label"
    :hint="field.hint"
    :faults="namesOf(draft, 'faults')"
    :model-value="(value as Outcome[]) ?? []"
    @update:model-value="value = $event"
  />
</template>
