<script setup lang="ts" generic="T extends string">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'

defineProps<{ label: string; options: Record<T, string>; hideLabel?: boolean }>()
/** The one that is chosen; none at first. */
const chosen = defineModel<T>()
</script>

<template>
  <RadioGroup :model-value="(chosen ?? null) as unknown as T" @update:model-value="chosen = $event as T">
    <RadioGroupLabel as="p" class="mb-1 text-[0.95rem] font-semibold" :class="{ 'sr-only': hideLabel }">
      {{ label }}
    </RadioGroupLabel>
    <div class="flex flex-wrap gap-1.5">
      <RadioGroupOption
        v-for="(name, value) in options"
        :key="value"
        v-slot="{ checked }"
        :value="value"
        as="template"
      >
        <button type="button" class="btn px-3" :class="{ 'bg-rubber text-white': checked }">
          {{ name }}
        </button>
      </RadioGroupOption>
    </div>
  </RadioGroup>
</template>
