<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { Problem } from '../api/problem'
import { queryClient } from '../api/queryClient'
import Notice from '../ui/Notice.vue'

const router = useRouter()
const {
  mutate: bringIn,
  variables: picked,
  isPending,
  error: problem,
  reset,
} = useMutation({
  mutationFn: async (file: File) => {
    const text = await file.text().catch(() => {
      throw new Problem('', 'This file cannot be read. Choose it again.')
    })
    // Sent as it is: the server says what is wrong with it.
    const body = text as never
    return answer(() => api.POST('/api/call-documents', { body, bodySerializer: (whole) => whole }))
  },
  onSuccess: async ({ call }) => {
    void queryClient.invalidateQueries({ queryKey: ['round'] })
    await router.push(`/calls/${call}`)
  },
})

function pick(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) bringIn(file)
  input.value = ''
}
</script>

<template>
  <div class="grid gap-2">
    <label class="btn btn-quiet focus-within:outline-water cursor-pointer focus-within:outline-3">
      {{ isPending ? 'Reading it …' : 'Import a call' }}
      <input type="file" accept=".json" class="sr-only" aria-label="Import a call" @change="pick" />
    </label>
    <Notice v-if="problem" :problem="problem" @again="bringIn(picked!)" @dismiss="reset()" />
    <ul v-if="problem?.problems.length" class="list-disc pl-5 font-mono text-sm" aria-label="What is wrong">
      <li v-for="line in problem.problems" :key="line">{{ line }}</li>
    </ul>
  </div>
</template>
