<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api, proofWanted, prove } from '../api/client'
import Sheet from '../ui/Sheet.vue'
import TextField from '../ui/field/TextField.vue'

const password = ref('')
const open = computed({
  get: () => proofWanted.value,
  set: () => close(false),
})
const { mutate, isPending, error, reset } = useMutation({
  mutationFn: () => answer(() => api.POST('/api/session/proof', { body: { password: password.value } })),
  onSuccess: () => close(true),
})

function close(given: boolean) {
  password.value = ''
  reset()
  prove(given)
}
</script>

<template>
  <Sheet v-model="open" title="Is it you?">
    <p class="mb-4">Enter your password once more: being signed in is not enough for this.</p>
    <form class="grid gap-4" novalidate @submit.prevent="mutate()">
      <TextField
        v-model="password"
        label="Your password"
        type="password"
        autocomplete="current-password"
        :error="error?.fields.password"
      />
      <p v-if="error && !error.fields.password" role="alert" class="text-act font-semibold">
        {{ error.message }}
      </p>
      <button class="btn btn-act" :disabled="isPending || !password">Go on</button>
    </form>
  </Sheet>
</template>
