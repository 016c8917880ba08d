<script setup lang="ts">
import { computed } from 'vue'
import { useHeard } from '../../api/queries'
import type { Hit } from '../../api/types'
import { factKnown, symptomSettled, subjectOf } from '../../judgement/finding'
import { useCallContext } from '../context'

const { call, actions } = useCallContext()
const { data: heard, isError } = useHeard(
  () => ({
    kind: call.value.machine.kind,
    revision: call.value.head.revision,
    features: call.value.machine.features,
  }),
  () => call.value.complaint,
)
const settled = computed(() => new Set(call.value.story.map((entry) => subjectOf(entry.finding))))
/** What stands below is not drawn before: it would move away under a thumb. */
const known = computed(() => !!heard.value || isError.value || !call.value.complaint.trim())
/** What the complaint speaks of and nobody has settled yet: each wants a nod. */
const open = computed(() => (heard.value ?? []).filter(({ hit }) => !settled.value.has(hit.id)))

const confirm = (hit: Hit) =>
  actions.settle(hit.kind === 'FACT' ? factKnown(hit.id, hit.choice!) : symptomSettled(hit.id, 'YES', true))
</script>

<template>
  <section v-if="open.length" aria-labelledby="heard-title">
    <h3 id="heard-title" class="text-lg">From the complaint. Correct?</h3>
    <p class="text-soft text-[0.95rem]">“{{ call.complaint }}”</p>
    <div class="mt-1 grid gap-2">
      <button
        v-for="{ hit } in open"
        :key="hit.kind + hit.id"
        type="button"
        class="btn justify-start text-left leading-tight"
        :disabled="actions.busy.value"
        @click="confirm(hit)"
      >
        Yes: {{ hit.name }}
      </button>
    </div>
  </section>
  <slot v-if="known" />
</template>
