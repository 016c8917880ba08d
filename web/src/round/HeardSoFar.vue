<script setup lang="ts">
import { computed } from 'vue'
import { refDebounced } from '@vueuse/core'
import { useHeard } from '../api/queries'

/** What a complaint speaks of, as it is typed: whoever is on the phone can be asked at once. */
const props = defineProps<{ kind: string; features: string[]; text: string }>()
const text = refDebounced(
  computed(() => props.text),
  250,
)
const { data: heard } = useHeard(() => ({ kind: props.kind, features: props.features }), text)
const said = computed(() => (text.value.trim() ? (heard.value ?? []).map(({ hit }) => hit.name) : []))
</script>

<template>
  <p v-if="said.length" class="text-[0.95rem] leading-tight" role="status">
    <span class="text-soft">Understood as:</span> {{ said.join('; ') }}
  </p>
</template>
