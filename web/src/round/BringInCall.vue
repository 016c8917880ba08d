<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { Problem } from '../api/problem'
import { callKey, queryClient } from '../api/queries'
import Notice from '../ui/Notice.vue'

const router = useRouter()
const problem = ref<Problem>()
const busy = ref(false)
let picked: File | undefined

async function bringIn() {
  if (!picked) return
  busy.value = true
  problem.value = undefined
  try {
    // Sent as it is: the server says what is wrong with it.
    const body = (await picked.text()) as never
    const call = await answer(() => api.POST('/api/call-documents', { body, bodySerializer: (text) => text }))
    queryClient.setQueryData(callKey(call.id), call)
    void queryClient.invalidateQueries({ queryKey: ['round'] })
    await router.push(`/calls/${call.id}`)
  } catch (e) {
    problem.value = e instanceof Problem ? e : new Problem('', String(e))
  } finally {
    busy.value = false
  }
}
function pick(event: Event) {
  const input = event.target as HTMLInputElement
  picked = input.files?.[0]
  input.value = ''
  return bringIn()
}
</script>

<template>
  <div class="grid gap-2">
    <label class="btn btn-quiet focus-within:outline-water cursor-pointer focus-within:outline-3">
      {{ busy ? 'Reading it …' : 'Bring in a call from a file' }}
      <input
        type="file"
        accept=".json"
        class="sr-only"
        aria-label="Bring in a call from a file"
        @change="pick"
      />
    </label>
    <Notice v-if="problem" :problem="problem" @again="bringIn" @dismiss="problem = undefined" />
    <ul v-if="problem?.problems.length" class="list-disc pl-5 font-mono text-sm" aria-label="What is wrong">
      <li v-for="line in problem.problems" :key="line">{{ line }}</li>
    </ul>
  </div>
</template>
