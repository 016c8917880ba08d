<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answer, api, signIn } from '../api/client'
import { queryClient } from '../api/queryClient'
import TextField from '../ui/field/TextField.vue'
import { signByPasskey } from './passkeys'

const login = ref('')
const password = ref('')
const { mutate, isPending, error } = useMutation({
  mutationFn: async () => {
    const toSign = await signIn(login.value, password.value)
    if (!toSign) return
    const body = await signByPasskey(toSign)
    await answer(() => api.POST('/api/session/passkey', { body }), false)
  },
  onSuccess: () => queryClient.refetchQueries({ queryKey: ['session'] }),
})
</script>

<template>
  <form class="grid gap-4" @submit.prevent="mutate()">
    <TextField
      v-model="login"
      label="Name"
      name="login"
      autocomplete="username"
      autocapitalize="none"
      required
    />
    <TextField
      v-model="password"
      label="Password"
      name="password"
      type="password"
      autocomplete="current-password"
      required
    />
    <p v-if="error" role="alert" class="text-act font-semibold">{{ error.message }}</p>
    <button class="btn btn-act" :disabled="isPending">Sign in</button>
  </form>
</template>
