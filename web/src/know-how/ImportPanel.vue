<script setup lang="ts">
import type { Revision } from '../api/types'
import Notice from '../ui/Notice.vue'
import TextField from '../ui/TextField.vue'
import ChangeList from './ChangeList.vue'
import { useImport } from './useImport'

const props = defineProps<{ kind: string }>()
const emit = defineEmits<{ added: [all: Revision[]] }>()
const { file, note, inspection, problem, busy, choose, forget, add } = useImport(props.kind)

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
    <h2 id="import-title" class="text-xl">Bring in a file</h2>
    <p class="text-soft text-sm">
      A pack (YAML) or a code table (CSV). It is looked at first; nothing is in use until you say so.
    </p>
    <label class="btn focus-within:outline-water w-full cursor-pointer focus-within:outline-3">
      Choose a file
      <input type="file" accept=".yaml,.yml,.csv" class="sr-only" aria-label="Choose a file" @change="pick" />
    </label>
    <Notice v-if="problem" :problem="problem" @again="submit" @dismiss="problem = undefined" />
    <template v-if="file">
      <p class="font-mono text-sm font-semibold break-all">{{ file }}</p>
      <p v-if="busy" role="status">Reading it …</p>
      <template v-else-if="inspection?.problems.length">
        <p class="text-act font-semibold" role="alert">
          Refused: {{ inspection.problems.length }}
          {{ inspection.problems.length === 1 ? 'thing is' : 'things are' }} wrong. The version in use stays.
        </p>
        <ul
          class="border-act max-h-96 list-disc overflow-y-auto border-l-8 pl-7"
          tabindex="0"
          aria-label="What is wrong"
        >
          <li v-for="line in inspection.problems" :key="line">{{ line }}</li>
        </ul>
      </template>
      <template v-else-if="inspection">
        <ChangeList :changes="inspection.changes" />
        <template v-if="inspection.dangers.length">
          <h3 class="mt-3 text-lg">What could hurt</h3>
          <ul class="border-warn border-l-8 pl-3">
            <li v-for="danger in inspection.dangers" :key="danger">{{ danger }}</li>
          </ul>
        </template>
        <template v-if="inspection.cases.length">
          <h3 class="mt-3 text-lg">Calls on which its advice is no longer what practitioners would do</h3>
          <ul class="list-disc pl-5">
            <li v-for="one in inspection.cases" :key="one">{{ one }}</li>
          </ul>
        </template>
        <template v-if="inspection.remarks.length">
          <p class="font-semibold">It leaves unsaid:</p>
          <ul class="list-disc pl-5 text-sm">
            <li v-for="remark in inspection.remarks" :key="remark">{{ remark }}</li>
          </ul>
        </template>
        <form v-if="inspection.changes.length" class="grid gap-3" @submit.prevent="submit">
          <TextField v-model="note" label="What is new about it" maxlength="200" />
          <button class="btn btn-act" :disabled="busy">Bring it in as a new version</button>
        </form>
      </template>
      <button type="button" class="btn btn-quiet" @click="forget">Forget the file</button>
    </template>
  </section>
</template>
