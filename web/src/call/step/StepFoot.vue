<script setup lang="ts">
import { computed } from 'vue'
import type { Step } from '../../api/types'
import { byId } from '../../judgement/byId'
import { lowerFirst } from '../../ui/text/format'
import { useCallContext } from '../context'
import Foot from '../Foot.vue'
import { confirmedLast } from './confirmed'
import { useStepWork } from './useStepWork'

const props = defineProps<{ step: Step }>()
const { call, pack } = useCallContext()
const { cautions } = useStepWork(() => props.step)
/** The cautions stand above, where they may have been scrolled past. */
const first = computed(() =>
  cautions.value
    .filter((id) => !confirmedLast(call.value, id))
    .map((id) => lowerFirst(byId(pack.value.cautions, id)?.title ?? id)),
)
</script>

<template>
  <Foot label="Answers" keys>
    <p v-if="first.length" class="bg-warn-pale border-warn truncate border-l-8 px-2 text-[0.95rem]">
      ⚠ Not confirmed yet: <b>{{ first.join(', ') }}</b>
    </p>
    <slot />
  </Foot>
</template>
