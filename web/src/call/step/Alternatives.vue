<script setup lang="ts">
import { computed, ref } from 'vue'
import { useSteps } from '../../api/queries'
import type { Step } from '../../api/types'
import { useCallContext } from '../context'
import { stepKey } from '../../judgement/steps'

const SHORT = 3
const props = defineProps<{ shown?: Step }>()
defineEmits<{ choose: [key: string] }>()
const { call, stage } = useCallContext()
const all = ref(false)

const { data: steps } = useSteps(call, () => all.value)
/** The steps but the one that is shown, best first: the nearest, until all are asked for. */
const others = computed(() => {
  const { next, alternatives } = call.value.assessment.plan
  const shown = props.shown && stepKey(props.shown)
  const known = (all.value && steps.value) || [...(next ? [next] : []), ...alternatives]
  return known.filter((step) => stepKey(step) !== shown)
})
const listed = computed(() => (all.value ? others.value : others.value.slice(0, SHORT)))

/** Against the advice. */
function costOf(step: Step) {
  if (step === call.value.assessment.plan.next) return 'advised'
  return step.extraCost < 0.5 ? 'as good' : `+${Math.round(step.extraCost)} min`
}
</script>

<template>
  <section class="border-line border-t pt-2" aria-labelledby="or-title">
    <h3 id="or-title" class="text-soft text-sm">Or</h3>
    <ul v-if="others.length">
      <li v-for="step in listed" :key="stepKey(step)" class="border-line border-b border-dashed">
        <button
          type="button"
          class="flex min-h-12 w-full items-center justify-between gap-3 text-left hover:underline hover:decoration-dotted"
          @click="$emit('choose', stepKey(step))"
        >
          <span class="leading-tight">{{ step.name }}</span>
          <span class="text-soft font-mono text-xs font-semibold whitespace-nowrap">{{ costOf(step) }}</span>
        </button>
      </li>
    </ul>
    <div class="flex justify-between">
      <button v-if="others.length > SHORT" type="button" class="btn btn-quiet -ml-4" @click="all = !all">
        {{ all ? 'Fewer' : 'All steps' }}
      </button>
      <button type="button" class="btn btn-quiet -mr-4" @click="stage.show('HAND_OVER')">
        Close with gaps
      </button>
    </div>
  </section>
</template>
