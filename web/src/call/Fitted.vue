<script setup lang="ts">
import { useCallContext } from './context'

const { call, pack, actions } = useCallContext()

function toggle(feature: string, on: boolean) {
  const { features, version } = call.value.machine
  void actions.fit(version, on ? [...features, feature] : features.filter((f) => f !== feature))
}
</script>

<template>
  <fieldset v-if="pack.features.length" class="border-line mt-3 border-t pt-2">
    <legend class="font-head float-left w-full font-bold">Fitted on this machine</legend>
    <label
      v-for="feature in pack.features"
      :key="feature.id"
      class="flex min-h-12 clear-both items-center gap-3 text-[0.95rem] leading-tight"
    >
      <input
        type="checkbox"
        class="accent-rubber size-6 shrink-0"
        :checked="call.machine.features.includes(feature.id)"
        :disabled="!!call.closedAt || actions.busy.value"
        @change="toggle(feature.id, ($event.target as HTMLInputElement).checked)"
      />
      {{ feature.name }}
    </label>
  </fieldset>
</template>
