<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answer, api } from '../api/client'
import type { Colleague, Competence, Qualification } from '../api/types'
import { COMPETENCES } from '../judgement/competences'
import Notice from '../ui/Notice.vue'
import TextField from '../ui/field/TextField.vue'
import Tick from '../ui/field/Tick.vue'
import { upperFirst } from '../ui/text/format'

/** What somebody is qualified for, with what shows it; steps that ask for it are theirs then, and else are handed on. */
const props = defineProps<{ person: Colleague }>()
const emit = defineEmits<{ kept: [all: Colleague[]] }>()

type Row = { competence: Competence; held: boolean; since: string; until: string; proof: string }
const rows = ref<Row[]>(
  (Object.keys(COMPETENCES) as Competence[]).map((competence) => {
    const said = props.person.qualifications.find((one) => one.competence === competence)
    return {
      competence,
      held: !!said,
      since: said?.since ?? '',
      until: said?.until ?? '',
      proof: said?.proof ?? '',
    }
  }),
)
/** What is wrong with a row: they are sent without those that are not held. */
const wrong = (row: Row, field: string) => {
  const sent = rows.value.filter(({ held }) => held).indexOf(row)
  return keep.error.value?.fields[`all[${sent}].${field}`]
}
const keep = useMutation({
  mutationFn: () => {
    const all = rows.value
      .filter(({ held }) => held)
      .map(({ competence, since, until, proof }) => ({
        competence,
        since: since || undefined,
        until: until || undefined,
        proof,
      })) as Qualification[]
    return answer(() =>
      api.PUT('/api/colleagues/{id}/qualifications', {
        params: { path: { id: props.person.id } },
        body: { all },
      }),
    )
  },
  onSuccess: (all: Colleague[]) => emit('kept', all),
})
</script>

<template>
  <form class="border-line mt-4 grid gap-2 border-t pt-3" novalidate @submit.prevent="keep.mutate()">
    <h3 class="text-lg leading-tight">Qualified for</h3>
    <p class="text-soft text-sm">
      By the local code, and as a certificate shows. What asks for more is handed on.
    </p>
    <Notice
      v-if="keep.error.value"
      :problem="keep.error.value"
      @again="keep.mutate()"
      @dismiss="keep.reset()"
    />
    <div v-for="row in rows" :key="row.competence">
      <Tick v-model="row.held" :label="upperFirst(COMPETENCES[row.competence])" />
      <div v-if="row.held" class="grid gap-2 pt-2 pb-2 pl-8 sm:grid-cols-2">
        <TextField v-model="row.since" label="Since" type="date" :error="wrong(row, 'since')" />
        <TextField v-model="row.until" label="Until" type="date" hint="Empty if it does not end" />
        <TextField
          v-model="row.proof"
          label="What shows it"
          :error="wrong(row, 'proof')"
          class="sm:col-span-2"
          maxlength="200"
          placeholder="For example: certificate and number"
        />
      </div>
    </div>
    <button class="btn" :disabled="keep.isPending.value">Save qualifications</button>
  </form>
</template>
