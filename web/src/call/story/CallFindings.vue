<script setup lang="ts">
import { computed } from 'vue'
import type { Finding } from '../../api/types'
import { symptomSettled, subjectOf } from '../../judgement/finding'
import FindingSearch from '../../judgement/FindingSearch.vue'
import { useCallContext } from '../context'

const props = defineProps<{
  /** Whether what is entered is what the customer calls for. */
  told?: boolean
}>()
const { call, pack, codes, actions } = useCallContext()
const settled = computed(() => new Set(call.value.story.map((entry) => subjectOf(entry.finding))))

const enter = (finding: Finding) =>
  actions.settle(
    props.told && finding.kind === 'symptom-settled'
      ? symptomSettled(finding.symptom, finding.answer, true)
      : finding,
  )
</script>

<template>
  <FindingSearch
    :pack="pack"
    :codes="codes"
    :symptoms="call.applicable.symptoms"
    :settled="settled"
    :draft-key="call.head.id"
    :placeholder="
      call.story.length ? 'What else? A symptom, or the code shown' : 'The code shown, or a symptom'
    "
    :busy="actions.busy.value"
    :machine="{
      kind: call.machine.kind,
      revision: call.head.revision,
      maker: call.machine.maker,
      features: call.machine.features,
    }"
    :enter="enter"
    any-code
    upwards
  />
</template>
