<script setup lang="ts">
import { computed } from 'vue'
import type { Feature } from '../../api/types'

const props = defineProps<{ features: Feature[]; disabled?: boolean }>()
/** Ids of what is fitted. */
const fitted = defineModel<string[]>({ required: true })

const single = computed(() => props.features.filter((feature) => !feature.group))
/** Features of which a machine has one at most. */
const groups = computed(() => {
  const byGroup = new Map<string, Feature[]>()
  for (const feature of props.features) {
    if (feature.group) byGroup.set(feature.group, [...(byGroup.get(feature.group) ?? []), feature])
  }
  return [...byGroup.values()]
})

function toggle(id: string, on: boolean) {
  fitted.value = on ? [...fitted.value, id] : fitted.value.filter((one) => one !== id)
}
function pick(group: Feature[], id: string) {
  const others = new Set(group.map((feature) => feature.id))
  fitted.value = [...fitted.value.filter((one) => !others.has(one)), id]
}
</script>

<template>
  <div>
    <div
      v-for="group in groups"
      :key="group[0]!.group"
      role="radiogroup"
      :aria-label="group[0]!.group"
      class="border-line border-b border-dashed pb-1 last:border-b-0"
    >
      <label
        v-for="feature in group"
        :key="feature.id"
        class="flex min-h-12 items-center gap-3 text-[0.95rem] leading-tight"
      >
        <input
          type="radio"
          class="accent-act size-6 shrink-0"
          :checked="fitted.includes(feature.id)"
          :disabled="disabled"
          @change="pick(group, feature.id)"
        />
        {{ feature.name }}
      </label>
    </div>
    <label
      v-for="feature in single"
      :key="feature.id"
      class="flex min-h-12 items-center gap-3 text-[0.95rem] leading-tight"
    >
      <input
        type="checkbox"
        class="accent-act size-6 shrink-0"
        :checked="fitted.includes(feature.id)"
        :disabled="disabled"
        @change="toggle(feature.id, ($event.target as HTMLInputElement).checked)"
      />
      {{ feature.name }}
    </label>
  </div>
</template>
