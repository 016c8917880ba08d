<script setup lang="ts">
import Notice from '../ui/Notice.vue'
import { useTakeList } from './queries'

/** The list of parts as a file, out and, for leads, in. */
defineProps<{ lead: boolean }>()
const take = useTakeList()

function pick(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) take.mutate(file)
  input.value = ''
}
</script>

<template>
  <section class="grid gap-2" aria-label="The list as a file">
    <div class="flex flex-wrap gap-2">
      <a class="btn btn-quiet" href="/api/parts.csv" download>Export as CSV</a>
      <label
        v-if="lead"
        class="btn btn-quiet focus-within:outline-water cursor-pointer focus-within:outline-3"
      >
        {{ take.isPending.value ? 'Reading it …' : 'Import a CSV' }}
        <input type="file" accept=".csv,text/csv" class="sr-only" @change="pick" />
      </label>
    </div>
    <p v-if="lead" class="text-soft text-sm">
      Columns: number, name and price; kind, part, maker, cost, supplier, replaces, place and minimum if you
      have them. Parts are the same by their number.
    </p>
    <Notice
      v-if="take.error.value"
      :problem="take.error.value"
      @again="take.variables.value && take.mutate(take.variables.value)"
      @dismiss="take.reset()"
    />
    <div v-if="take.data.value" role="status">
      <p class="font-semibold">
        {{ take.data.value.taken }} taken{{
          take.data.value.wrong.length ? `, ${take.data.value.wrong.length} not` : ''
        }}.
      </p>
      <ul
        v-if="take.data.value.wrong.length"
        class="list-disc pl-5 text-sm"
        aria-label="Lines that were not taken"
      >
        <li v-for="wrong in take.data.value.wrong" :key="wrong.line">
          Line {{ wrong.line }}: {{ wrong.message }}
        </li>
      </ul>
    </div>
  </section>
</template>
