<script setup lang="ts">
import { computed } from 'vue'
import { byId } from '../../judgement/byId'
import FeatureChoice from '../../ui/field/FeatureChoice.vue'
import { useCallContext } from '../context'

const { call, pack, actions } = useCallContext()
const fitted = computed({
  get: () => call.value.machine.features,
  set: (features) => void actions.fit(call.value.machine.version, features),
})
const family = computed(() => byId(pack.value.families, call.value.family)?.name)
const summary = computed(
  () =>
    pack.value.features
      .filter((feature) => fitted.value.includes(feature.id))
      .map((feature) => feature.name)
      .join(', ') || 'nothing special',
)
</script>

<template>
  <details v-if="pack.features.length" class="border-line border-t py-1">
    <summary class="min-h-12 cursor-pointer py-1 leading-tight">
      <span class="font-head font-bold">Fitted</span>
      <span class="text-soft block text-[0.95rem]">{{ summary }}</span>
      <span v-if="family" class="block text-[0.95rem]">As known of {{ family }}</span>
    </summary>
    <FeatureChoice
      v-model="fitted"
      :features="pack.features"
      :disabled="!!call.head.closing || actions.busy.value"
    />
  </details>
</template>
