<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answer, api } from '../api/client'
import Notice from '../ui/Notice.vue'
import TextField from '../ui/field/TextField.vue'

const now = ref('')
const next = ref('')
const {
  mutate: change,
  isPending,
  isSuccess,
  error: problem,
  reset,
} = useMutation({
  mutationFn: () =>
    answer(() => api.PUT('/api/session/password', { body: { now: now.value, next: next.value } })),
  onSuccess: () => {
    now.value = ''
    next.value = ''
  },
})
</script>

<template>
  <section class="bg-sheet border-line rounded-xl border p-4" aria-labelledby="password-title">
    <h2 id="password-title" class="text-lg leading-tight">Your password</h2>
    <form class="mt-2 grid gap-3" novalidate @submit.prevent="change()">
      <Notice v-if="problem?.passes" :problem="problem" @again="change()" @dismiss="reset()" />
      <TextField
        v-model="now"
        label="Your password now"
        type="password"
        autocomplete="current-password"
        :error="problem?.fields.now"
      />
      <TextField
        v-model="next"
        label="Your new password"
        type="password"
        autocomplete="new-password"
        :error="problem?.fields.next"
        hint="10 characters or more; a few words are best"
      />
      <button class="btn" :disabled="isPending || !now || !next">Change it</button>
      <p v-if="isSuccess" role="status">✓ Changed. Elsewhere you sign in with the new one.</p>
    </form>
  </section>
</template>
