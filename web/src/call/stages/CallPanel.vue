<script setup lang="ts">
import PanelHead from '../../ui/PanelHead.vue'
import { dayName, lowerFirst } from '../../ui/text/format'
import Alternatives from '../step/Alternatives.vue'
import CallFindings from '../story/CallFindings.vue'
import { useCallContext } from '../context'
import ByPhone from './ByPhone.vue'
import GoOn from './GoOn.vue'
import Heard from './Heard.vue'
import ReadOut from './ReadOut.vue'
import ToldSymptoms from './ToldSymptoms.vue'

const emit = defineEmits<{ choose: [key: string] }>()
const { call, stage } = useCallContext()
if (!stage.touched.value && !call.value.head.closing) stage.stay('CALL')
</script>

<template>
  <PanelHead label="Call" title="What does the customer see?">
    <p class="mt-2 text-[0.95rem] text-[#e6e2d8]">
      Tap everything that applies, one after the other, and enter the code shown. By phone it may save the
      visit.
    </p>
  </PanelHead>
  <div class="grid gap-3 p-4">
    <p v-if="call.earlier" class="border-edge border-l-4 pl-3">
      Failed again since
      <RouterLink
        :to="`/calls/${call.earlier.callId}`"
        class="underline decoration-dotted underline-offset-4"
        >{{ dayName(call.earlier.day) }}</RouterLink>: {{ call.earlier.complaint
      }}<template v-if="call.earlier.done.length"
        >. Done then: {{ call.earlier.done.map(lowerFirst).join(', ') }}</template
      >.
    </p>
    <template v-if="!call.head.closing">
      <GoOn />
      <ReadOut />
      <Heard>
        <CallFindings told />
        <ToldSymptoms />
        <ByPhone />
        <Alternatives v-if="!call.story.length" @choose="emit('choose', $event)" />
      </Heard>
    </template>
  </div>
</template>
