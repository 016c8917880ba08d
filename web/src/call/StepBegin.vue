<script setup lang="ts">
import { computed } from 'vue'
import Alternatives from './Alternatives.vue'
import CallFindings from './CallFindings.vue'
import { useCallContext } from './context'

const emit = defineEmits<{ choose: [key: string] }>()
const { call, pack, actions } = useCallContext()

const complaints = computed(() =>
  pack.value.signs.filter((sign) => call.value.applicable.complaints.includes(sign.id)),
)
</script>

<template>
  <div class="bg-rubber px-4 pt-3 pb-4 text-white">
    <p class="label-read text-[#f2b49b]">Next</p>
    <h2 class="mt-1 text-2xl leading-tight">What does the customer see?</h2>
    <p class="mt-2 text-[0.95rem] text-[#e6e2d8]">
      Enter the code shown, and touch what fits. By phone it may save the visit.
    </p>
  </div>
  <div class="grid gap-3 p-4">
    <CallFindings />
    <div class="grid grid-cols-2 gap-2">
      <button
        v-for="sign in complaints"
        :key="sign.id"
        type="button"
        class="btn justify-start px-3 py-1 text-left text-[0.95rem] leading-tight"
        :disabled="actions.busy.value"
        @click="actions.enter('SIGN', sign.id, 'yes')"
      >
        {{ sign.name }}
      </button>
    </div>
    <Alternatives @choose="emit('choose', $event)" />
  </div>
</template>
