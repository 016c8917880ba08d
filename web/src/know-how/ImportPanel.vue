<script setup lang="ts">
import type { Revision } from '../api/types'
import Notice from '../ui/Notice.vue'
import TextField from '../ui/field/TextField.vue'
import InspectionList from './InspectionList.vue'
import { useImport } from './useImport'

const props = defineProps<{ kind: string }>()
const emit = defineEmits<{ added: [all: Revision[]] }>()
const { file, note, inspection, cases, playing, problem, busy, choose, forget, add } = useImport(props.kind)

async function pick(event: Event) {
  const input = event.target as HTMLInputElement
  const picked = input.files?.[0]
  if (picked) await choose(picked)
  input.value = ''
}
async function submit() {
  const all = await add()
  if (all) emit('added', all)
}
</script>

<template>
  <section class="bg-sheet border-line grid gap-3 rounded-xl border p-4" aria-labelledby="import-title">
    <h2 id="import-title" class="text-xl">Import file</h2>
    <p class="text-soft text-sm">
      A pack (YAML) or a code table (CSV). It is looked at first; nothing is in use until you publish it.
    </p>
    <label class="btn focus-within:outline-water w-full cursor-pointer focus-within:outline-3">
      Choose a file
      <input type="file" accept=".yaml,.yml,.csv" class="sr-only" aria-label="Choose a file" @change="pick" />
    </label>
    <Notice v-if="problem" :problem="problem" @again="submit" @dismiss="problem = undefined" />
    <template v-if="file">
      <p class="font-mono text-sm font-semibold break-all">{{ file }}</p>
      <p v-if="busy" role="status">Reading it …</p>
      <template v-else-if="inspection">
        <InspectionList :inspection="inspection" :cases="cases" :playing="playing" refused="Refused" />
        <form v-if="inspection.changes.length" class="grid gap-3" @submit.prevent="submit">
          <TextField v-model="note" label="What is new about it" maxlength="200" />
          <button class="btn btn-act" :disabled="busy">Import as a new version</button>
        </form>
      </template>
      <button type="button" class="btn btn-quiet" @click="forget">Forget the file</button>
    </template>
  </section>
</template>
