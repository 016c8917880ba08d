<script setup lang="ts">
import FilePick from '../ui/field/FilePick.vue'
import ImportedLines from '../ui/ImportedLines.vue'
import Notice from '../ui/Notice.vue'
import { useTakeList } from './queries'

/** The list of parts as a file, out and, for leads, in. */
defineProps<{ lead: boolean }>()
const take = useTakeList()
</script>

<template>
  <section class="grid gap-2" aria-label="The list as a file">
    <div class="flex flex-wrap gap-2">
      <a class="btn btn-quiet" href="/api/parts.csv" download>Export as CSV</a>
      <FilePick v-if="lead" accept=".csv,text/csv" @pick="take.mutate($event)">
        {{ take.isPending.value ? 'Reading it …' : 'Import a CSV' }}
      </FilePick>
    </div>
    <p v-if="lead" class="text-soft text-sm">
      Columns: number, name and price; kind, part, maker, cost, supplier, replaces, place, minimum, code and
      warranty_months if you have them: what a file has no column for stays. Parts are the same by their
      number.
    </p>
    <Notice
      v-if="take.error.value"
      :problem="take.error.value"
      @again="take.variables.value && take.mutate(take.variables.value)"
      @dismiss="take.reset()"
    />
    <ImportedLines v-if="take.data.value" :done="take.data.value" />
  </section>
</template>
