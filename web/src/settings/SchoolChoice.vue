<script setup lang="ts">
import type { SchoolSetting } from '../api/types'

defineProps<{ setting: SchoolSetting }>()
defineEmits<{ choose: [choice: string] }>()
</script>

<template>
  <fieldset class="bg-sheet border-line rounded-xl border p-4">
    <legend class="sr-only">{{ setting.school.question }}</legend>
    <p class="font-head text-lg leading-tight font-bold" aria-hidden="true">{{ setting.school.question }}</p>
    <label
      v-for="option in setting.school.choices"
      :key="option.id"
      class="flex min-h-12 items-center gap-3 leading-tight"
    >
      <input
        type="radio"
        class="accent-act size-6 shrink-0"
        :name="setting.school.id"
        :checked="option.id === setting.chosen"
        @change="$emit('choose', option.id)"
      />
      <span
        >{{ option.name
        }}<span v-if="option.id === setting.school.usual" class="text-soft"> (usual)</span></span
      >
    </label>
    <p class="mt-1 text-[0.95rem]">{{ setting.school.why }}</p>
  </fieldset>
</template>
