<script setup lang="ts">
import type { Debt } from '../../api/types'
import Tick from '../../ui/field/Tick.vue'
import { sendTyped, useDraft } from '../../ui/kept/drafts'
import { useCallContext } from '../context'
import { DEBT } from '../job'

const { call, actions } = useCallContext()
const text = useDraft(`debt:${call.value.head.id}`, '')

const owe = (what: Debt['what']) =>
  sendTyped(text, (typed) => actions.write({ kind: 'debt', what, text: typed.trim(), settled: false }))
</script>

<template>
  <section class="grid gap-2" aria-labelledby="debts-title">
    <h3 id="debts-title" class="text-lg">To put back before you go</h3>
    <div v-for="line in call.job.debts" :key="line.id" class="flex items-center gap-2">
      <Tick
        :label="`Put back: ${DEBT[line.what.what].toLowerCase()}${line.what.text ? `, ${line.what.text}` : ''}`"
        :model-value="line.what.settled"
        :disabled="!!call.head.closing || actions.busy.value"
        @update:model-value="actions.write({ ...line.what, settled: $event }, line)"
      />
      <button
        v-if="!call.head.closing"
        type="button"
        class="btn btn-quiet px-2 text-sm"
        :aria-label="`Remove: ${DEBT[line.what.what]}`"
        @click="actions.strike(line)"
      >
        remove
      </button>
    </div>
    <details v-if="!call.head.closing">
      <summary class="min-h-12 cursor-pointer py-3">Valves and settings to put back</summary>
      <label class="block">
        <span class="sr-only">Where it is</span>
        <input v-model="text" class="field" maxlength="120" placeholder="Where it is, if that helps" />
      </label>
      <div class="mt-2 flex flex-wrap gap-2">
        <button
          v-for="(name, what) in DEBT"
          :key="what"
          type="button"
          class="btn px-3"
          :disabled="actions.busy.value"
          @click="owe(what)"
        >
          {{ name }}
        </button>
      </div>
    </details>
  </section>
</template>
