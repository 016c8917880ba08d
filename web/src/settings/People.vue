<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { v7 as uuid } from 'uuid'
import { computed, ref } from 'vue'
import { answer, api } from '../api/client'
import { useColleagues, useSession } from '../api/queries'
import { queryClient } from '../api/queryClient'
import type { Colleague } from '../api/types'
import Notice from '../ui/Notice.vue'
import Sheet from '../ui/Sheet.vue'
import TextField from '../ui/field/TextField.vue'
import { isoToday } from '../ui/text/clocks'
import { lowerFirst } from '../ui/text/format'
import { prepareAnew } from '../store/held/nextDays'
import { COMPETENCES } from '../judgement/competences'
import Qualifications from './Qualifications.vue'

const { data: session } = useSession()
/** Whether whoever looks may add people. */
const owner = computed(() => !!session.value?.owner)
const me = computed(() => session.value?.id)
const { data: people } = useColleagues()
const open = ref(false)
const blank: Colleague & { password: string } = {
  id: '',
  login: '',
  name: '',
  password: '',
  rank: 'TECHNICIAN',
  locked: false,
  qualifications: [],
}
const RANKS = {
  TECHNICIAN: { name: 'Technician', may: 'works on calls' },
  LEAD: { name: 'Lead', may: 'also leaves a caution open, keeps the know-how, and brings calls in' },
  OWNER: { name: 'Owner', may: 'also adds people, sets the rates, and sees what was done over all' },
}
const someone = ref({ ...blank })
/** What somebody is qualified for today. */
const held = ({ qualifications }: Colleague) =>
  qualifications
    .filter(({ since, until }) => since <= isoToday() && (!until || until >= isoToday()))
    .map(({ competence }) => COMPETENCES[competence])
const known = computed(() => people.value?.find(({ id }) => id === someone.value.id))
const {
  mutate: save,
  isPending,
  error: problem,
  reset,
} = useMutation({
  mutationFn: ({ id, login, name, password, rank }: (typeof someone)['value']) =>
    answer(() =>
      api.PUT('/api/colleagues/{id}', { params: { path: { id } }, body: { login, name, password, rank } }),
    ),
  onSuccess: show,
})
const lock = useMutation({
  mutationFn: ({ id, locked }: (typeof someone)['value']) =>
    answer(() =>
      api.PUT('/api/colleagues/{id}/locked', { params: { path: { id } }, body: { locked: !locked } }),
    ),
  onSuccess: show,
})

function show(all: Colleague[]) {
  queryClient.setQueryData(['colleagues'], all)
  for (const queryKey of [['devices'], ['call'], ['round']]) void queryClient.invalidateQueries({ queryKey })
  prepareAnew()
  open.value = false
}

function edit(known?: Colleague) {
  someone.value = { ...blank, id: uuid(), ...known }
  reset()
  lock.reset()
  open.value = true
}
</script>

<template>
  <section class="bg-sheet border-line max-w-2xl rounded-xl border p-4" aria-labelledby="people-title">
    <h2 id="people-title" class="text-lg leading-tight">People</h2>
    <ul>
      <li
        v-for="person in people"
        :key="person.id"
        class="border-line flex min-h-12 items-center justify-between gap-3 border-b border-dashed"
      >
        <span>
          {{ person.name }} <span class="text-soft font-mono text-sm">{{ person.login }}</span>
          <span v-if="person.rank !== 'TECHNICIAN'" class="text-soft text-sm">
            · {{ lowerFirst(RANKS[person.rank].name) }}</span
          >
          <span v-if="person.locked" class="text-act text-sm font-semibold"> · locked out</span>
          <span v-if="held(person).length" class="text-soft block text-sm">
            qualified for {{ held(person).join(', ') }}
          </span>
        </span>
        <button
          v-if="owner"
          type="button"
          class="btn btn-quiet px-2 text-sm"
          :aria-label="`Change ${person.name}`"
          @click="edit(person)"
        >
          change
        </button>
      </li>
    </ul>
    <button v-if="owner" type="button" class="btn mt-3" @click="edit()">Add somebody</button>
    <Sheet v-model="open" :title="someone.name || 'Somebody new'">
      <form class="grid gap-3" novalidate @submit.prevent="save(someone)">
        <Notice v-if="problem" :problem="problem" @again="save(someone)" @dismiss="reset()" />
        <TextField v-model="someone.name" label="Name" :error="problem?.fields.name" maxlength="80" />
        <TextField
          v-model="someone.login"
          label="Signs in as"
          :error="problem?.fields.login"
          maxlength="40"
          autocapitalize="none"
        />
        <TextField
          v-model="someone.password"
          label="New password"
          type="password"
          autocomplete="new-password"
          :error="problem?.fields.password"
          hint="10 characters or more; tell them in person. Their passkeys go"
        />
        <fieldset>
          <legend class="mb-1 font-semibold">Rank</legend>
          <label
            v-for="(rank, key) in RANKS"
            :key="key"
            class="flex min-h-12 items-center gap-3 leading-tight"
          >
            <input
              v-model="someone.rank"
              type="radio"
              name="rank"
              :value="key"
              class="accent-act size-5 shrink-0"
            />
            <span
              ><b>{{ rank.name }}</b> <span class="text-soft text-sm">{{ rank.may }}</span></span
            >
          </label>
        </fieldset>
        <button class="btn btn-act" :disabled="isPending">Save</button>
      </form>
      <Qualifications v-if="known" :key="known.id" :person="known" @kept="show" />
      <div v-if="known && someone.id !== me" class="border-line mt-4 border-t pt-3">
        <Notice
          v-if="lock.error.value"
          :problem="lock.error.value"
          @again="lock.mutate(someone)"
          @dismiss="lock.reset()"
        />
        <p class="text-soft mb-2 text-sm">
          {{
            someone.locked
              ? 'Is locked out: cannot sign in.'
              : 'Who has left is locked out: signed out at once, and their devices are emptied.'
          }}
        </p>
        <button type="button" class="btn" :disabled="lock.isPending.value" @click="lock.mutate(someone)">
          {{ someone.locked ? 'Let in again' : 'Lock out' }}
        </button>
      </div>
    </Sheet>
  </section>
</template>
