<script setup lang="ts">
import { computed, ref } from 'vue'
import FilePick from '../ui/field/FilePick.vue'
import ImportedLines from '../ui/ImportedLines.vue'
import Notice from '../ui/Notice.vue'
import { COLUMNS, guess, headerOf, NAMES, type Column } from './columns'
import { useTakeCustomers } from './queries'

/** Customers and their machines as a file, out and in. */
const take = useTakeCustomers()
const csv = ref('')
const header = ref<string[]>([])
const columns = ref<Partial<Record<Column, string>>>({})
const missing = computed(() =>
  NAMES.filter((name) => 'wanted' in COLUMNS[name] && !columns.value[name]).map((name) =>
    COLUMNS[name].label.toLowerCase(),
  ),
)

async function read(file: File) {
  take.reset()
  csv.value = await file.text()
  header.value = headerOf(csv.value)
  columns.value = guess(header.value)
}
function send() {
  const chosen = Object.entries(columns.value).filter(([, theirs]) => theirs)
  take.mutate({ csv: csv.value, columns: Object.fromEntries(chosen) }, { onSuccess: () => (csv.value = '') })
}
</script>

<template>
  <section class="border-line mt-8 grid gap-3 border-t pt-4" aria-label="Customers as a file">
    <div class="flex flex-wrap gap-2">
      <a class="btn btn-quiet" href="/api/customers.csv" download>Export as CSV</a>
      <FilePick accept=".csv,text/csv" @pick="read">Import a CSV</FilePick>
    </div>
    <Notice v-if="take.error.value" :problem="take.error.value" @again="send" @dismiss="take.reset()" />
    <form v-if="csv" class="bg-sheet border-line grid gap-3 rounded-xl border p-4" @submit.prevent="send">
      <h2 class="text-xl">Which column is which?</h2>
      <div class="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
        <label v-for="name in NAMES" :key="name" class="grid gap-1">
          <span class="font-semibold">{{ COLUMNS[name].label }}</span>
          <select v-model="columns[name]" class="field">
            <option :value="undefined">Not in this file</option>
            <option v-for="theirs in header" :key="theirs" :value="theirs">{{ theirs }}</option>
          </select>
        </label>
      </div>
      <p class="text-soft text-sm">
        A line a machine; a customer with two machines has two lines. Whoever is on file with the same name,
        and the same street or phone, is the same: what stands there stays, and what is missing is filled in.
      </p>
      <div class="flex flex-wrap items-center gap-2">
        <button class="btn btn-act" :disabled="!!missing.length || take.isPending.value">
          {{ take.isPending.value ? 'Reading it …' : 'Bring them in' }}
        </button>
        <button type="button" class="btn btn-quiet" @click="csv = ''">Leave it</button>
        <p v-if="missing.length">Choose the column of the {{ missing.join(' and the ') }}.</p>
      </div>
    </form>
    <ImportedLines v-if="take.data.value" :done="take.data.value" />
  </section>
</template>
