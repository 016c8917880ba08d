<script setup lang="ts">
import { byId } from '../judgement/byId'
import { symptomSettled } from '../judgement/finding'
import { useCallContext } from './context'

/** After a repair that helped in part: which complaint is gone, and which stays. */
const { call, pack, actions } = useCallContext()

const nameOf = (symptom: string) => byId(pack.value.symptoms, symptom)?.name
</script>

<template>
  <section
    v-if="call.prove.stays.length"
    aria-label="What is still there"
    class="border-line m-4 grid gap-2 rounded-lg border-2 p-3"
  >
    <h3 class="font-semibold">What is still there?</h3>
    <div
      v-for="symptom in call.prove.stays"
      :key="symptom"
      role="group"
      :aria-label="nameOf(symptom)"
      class="grid gap-1"
    >
      <p>{{ nameOf(symptom) }}</p>
      <div class="grid grid-cols-2 gap-2">
        <button
          type="button"
          class="btn min-h-12"
          :disabled="actions.busy.value"
          @click="actions.settle(symptomSettled(symptom, 'NO'))"
        >
          Gone
        </button>
        <button
          type="button"
          class="btn min-h-12"
          :disabled="actions.busy.value"
          @click="actions.settle(symptomSettled(symptom, 'YES', true))"
        >
          Still there
        </button>
      </div>
    </div>
  </section>
</template>
