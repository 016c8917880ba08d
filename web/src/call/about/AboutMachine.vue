<script setup lang="ts">
import { computed } from 'vue'
import { useDraft } from '../../ui/kept/drafts'
import PlatePhoto from '../../customers/PlatePhoto.vue'
import TextField from '../../ui/field/TextField.vue'
import { useCallContext } from '../context'

const { call, actions } = useCallContext()
const blank = { maker: '', model: '', serial: '', place: '' }
/** What stood there when somebody began to correct it, and what is to stand there. */
const draft = useDraft(`machine:${call.value.head.id}`, { begun: false, was: blank, now: blank })
const fields = computed(() => (draft.value.begun ? (actions.problem.value?.fields ?? {}) : {}))

function begin() {
  const { maker, model, serial, place } = call.value.machine
  draft.value = { begun: true, was: { maker, model, serial, place }, now: { maker, model, serial, place } }
}
const leave = () => (draft.value = { begun: false, was: blank, now: blank })

async function correct() {
  if (await actions.describe(draft.value.now, draft.value.was)) leave()
}
</script>

<template>
  <details class="border-line border-t py-1" :open="draft.begun">
    <summary class="min-h-12 cursor-pointer py-1 leading-tight">
      <span class="font-head font-bold">Machine</span>
      <span class="text-soft block text-[0.95rem]">{{ call.machine.maker }} {{ call.machine.model }}</span>
    </summary>
    <form v-if="draft.begun" class="grid gap-2 pb-2" novalidate @submit.prevent="correct">
      <PlatePhoto
        :kind="call.machine.kind"
        :now="draft.now"
        @take="draft.now = { ...draft.now, ...$event }"
      />
      <TextField v-model="draft.now.maker" label="Maker" autocomplete="off" :error="fields.maker" />
      <TextField v-model="draft.now.model" label="Model" autocomplete="off" :error="fields.model" />
      <TextField v-model="draft.now.serial" label="Serial" autocomplete="off" :error="fields.serial" />
      <TextField v-model="draft.now.place" label="Where it stands" autocomplete="off" :error="fields.place" />
      <div class="flex flex-wrap gap-2">
        <button type="submit" class="btn" :disabled="actions.busy.value">Save machine</button>
        <button type="button" class="btn btn-quiet" @click="leave">Cancel</button>
      </div>
    </form>
    <template v-else>
      <p class="font-mono text-sm">{{ call.machine.serial || 'No serial number yet' }}</p>
      <p>{{ call.machine.place }}</p>
      <div class="-ml-4 flex flex-wrap">
        <RouterLink :to="`/machines/${call.machine.id}`" class="btn btn-quiet">What it had before</RouterLink>
        <button v-if="!call.head.closing" type="button" class="btn btn-quiet" @click="begin">
          Correct machine
        </button>
      </div>
    </template>
  </details>
</template>
