<script setup lang="ts">
import { ref } from 'vue'
import { signIn } from '../api/client'
import { Problem } from '../api/problem'
import { queryClient } from '../api/queries'
import TextField from '../ui/TextField.vue'

const login = ref('')
const password = ref('')
const problem = ref('')
const busy = ref(false)

async function submit() {
  busy.value = true
  problem.value = ''
  try {
    await signIn(login.value, password.value)
    await queryClient.refetchQueries({ queryKey: ['session'] })
  } catch (e) {
    problem.value = e instanceof Problem ? e.message : String(e)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <form class="grid gap-4" @submit.prevent="submit">
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
    <p v-if="problem" role="alert" class="text-act font-semibold">{{ problem }}</p>
    <button class="btn btn-act" :disabled="busy">Sign in</button>
  </form>
</template>
