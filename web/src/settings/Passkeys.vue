<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answer, api } from '../api/client'
import { usePasskeys } from '../api/queries'
import { queryClient } from '../api/queryClient'
import type { Passkey } from '../api/types'
import { hasPasskeys, makePasskey } from '../sign-in/passkeys'
import { clock, otherDay } from '../ui/text/clocks'
import Notice from '../ui/Notice.vue'
import TextField from '../ui/field/TextField.vue'

const { data: passkeys } = usePasskeys()
const can = hasPasskeys()
const label = ref('')
const password = ref('')

const at = (instant: number) => `${otherDay(instant)} ${clock(instant)}`.trim()
const show = (all: Passkey[]) => queryClient.setQueryData(['passkeys'], all)

const add = useMutation({
  mutationFn: async () => {
    const options = await answer(() => api.POST('/api/session/passkeys/options'))
    const credential = await makePasskey(options)
    const body = { label: label.value, password: password.value, credential }
    return answer(() => api.POST('/api/session/passkeys', { body }))
  },
  onSuccess(all) {
    show(all)
    label.value = ''
    password.value = ''
  },
})
const remove = useMutation({
  mutationFn: (id: string) =>
    answer(() => api.DELETE('/api/session/passkeys/{id}', { params: { path: { id } } })),
  onSuccess: show,
})
</script>

<template>
  <section class="bg-sheet border-line rounded-xl border p-4" aria-labelledby="passkeys-title">
    <h2 id="passkeys-title" class="text-lg leading-tight">Your passkeys</h2>
    <p class="text-soft mt-1 text-sm leading-snug">
      With one, signing in asks for it besides your password: the fingerprint or PIN of a phone, or a key that
      is plugged in. Have two, as who loses the last one has to be let in by an owner.
    </p>
    <Notice
      v-if="remove.error.value"
      :problem="remove.error.value"
      @again="remove.variables.value && remove.mutate(remove.variables.value)"
      @dismiss="remove.reset()"
    />
    <ul>
      <li
        v-for="passkey in passkeys"
        :key="passkey.id"
        class="border-line flex min-h-12 items-center justify-between gap-3 border-b border-dashed"
      >
        <span class="leading-tight">
          {{ passkey.label }}
          <span class="text-soft text-sm"> · last used {{ at(passkey.lastUsedAt) }}</span>
        </span>
        <button
          type="button"
          class="btn btn-quiet px-2 text-sm"
          :aria-label="`Remove the passkey ${passkey.label}`"
          :disabled="remove.isPending.value"
          @click="remove.mutate(passkey.id)"
        >
          remove
        </button>
      </li>
    </ul>
    <form v-if="can" class="mt-2 grid gap-3" novalidate @submit.prevent="add.mutate()">
      <Notice
        v-if="add.error.value && !Object.keys(add.error.value.fields).length"
        :problem="add.error.value"
        @again="add.mutate()"
        @dismiss="add.reset()"
      />
      <TextField
        v-model="label"
        label="Which key it is"
        maxlength="40"
        hint="This phone, the key on my ring …"
        :error="add.error.value?.fields.label"
      />
      <TextField
        v-model="password"
        label="Your password"
        type="password"
        autocomplete="current-password"
        :error="add.error.value?.fields.password"
      />
      <button class="btn" :disabled="add.isPending.value || !label.trim() || !password">Add a passkey</button>
    </form>
    <p v-else class="mt-2">
      This browser has none at this address: they want https and a name, not a number.
    </p>
  </section>
</template>
