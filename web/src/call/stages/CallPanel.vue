<script setup lang="ts">
import { computed } from 'vue'
import PanelHead from '../../ui/PanelHead.vue'
import { dayName, lowerFirst } from '../../ui/format'
import Alternatives from '../Alternatives.vue'
import CallFindings from '../CallFindings.vue'
import { useCallContext } from '../context'
import ByPhone from './ByPhone.vue'
import GoOn from './GoOn.vue'

const emit = defineEmits<{ choose: [key: string] }>()
const { call, pack, actions } = useCallContext()

const settled = computed(() => new Set(call.value.entries.map((entry) => entry.subject)))
const complaints = computed(() =>
  pack.value.signs.filter(
    (sign) => call.value.applicable.complaints.includes(sign.id) && !settled.value.has(sign.id),
  ),
)
</script>

<template>
  <PanelHead label="Call" title="What does the customer see?">
    <p class="mt-2 text-[0.95rem] text-[#e6e2d8]">
      Enter the code shown, and touch what fits. By phone it may save the visit.
    </p>
  </PanelHead>
  <div class="grid gap-3 p-4">
    <p v-if="call.earlier" class="border-rubber border-l-4 pl-3">
      Failed again since
      <RouterLink
        :to="`/calls/${call.earlier.callId}`"
        class="underline decoration-dotted underline-offset-4"
        >{{ dayName(call.earlier.day) }}</RouterLink>: {{ call.earlier.complaint
      }}<template v-if="call.earlier.done.length"
        >. Done then: {{ call.earlier.done.map(lowerFirst).join(', ') }}</template
      >.
    </p>
    <template v-if="!call.closedAt">
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
      <ByPhone />
      <GoOn />
      <Alternatives v-if="!call.entries.length" @choose="emit('choose', $event)" />
    </template>
  </div>
</template>
