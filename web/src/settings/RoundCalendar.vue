<script setup lang="ts">
import { useMutation, useQuery } from '@tanstack/vue-query'
import { useClipboard } from '@vueuse/core'
import { computed } from 'vue'
import { answer, api } from '../api/client'
import { queryClient } from '../api/queryClient'

/** One's own round in one's own calendar program. */
const { data } = useQuery({
  queryKey: ['calendar'],
  queryFn: () => answer(() => api.GET('/api/session/calendar')),
})
const changed = () => queryClient.invalidateQueries({ queryKey: ['calendar'] })
const renew = useMutation({
  mutationFn: () => answer(() => api.POST('/api/session/calendar')),
  onSuccess: changed,
})
const close = useMutation({
  mutationFn: () => answer(() => api.DELETE('/api/session/calendar')),
  onSuccess() {
    renew.reset()
    void changed()
  },
})
const address = computed(() => renew.data.value && `${location.origin}${renew.data.value.path}`)
const { copy, copied, isSupported } = useClipboard({ source: () => address.value ?? '' })
const problem = computed(() => renew.error.value ?? close.error.value)
</script>

<template>
  <section class="bg-sheet border-line grid gap-3 rounded-xl border p-4" aria-labelledby="calendar-title">
    <h2 id="calendar-title" class="text-lg leading-tight">My round in my calendar</h2>
    <p>
      Your calendar program asks for your calls at a secret address. Whoever has the address can read it:
      names, streets and complaints. A new address ends the one before.
    </p>
    <p v-if="problem" role="alert" class="text-act font-semibold">{{ problem.message }}</p>
    <div v-if="address" role="status" class="grid gap-2">
      <p class="font-semibold">Subscribe to this address. It is shown only now.</p>
      <code class="bg-paper rounded p-2 text-sm break-all">{{ address }}</code>
      <button v-if="isSupported" type="button" class="btn justify-self-start" @click="copy()">
        {{ copied ? 'Copied' : 'Copy it' }}
      </button>
    </div>
    <div class="flex flex-wrap gap-2">
      <button type="button" class="btn" :disabled="renew.isPending.value" @click="renew.mutate()">
        {{ data?.on ? 'New address' : 'Make an address' }}
      </button>
      <button
        v-if="data?.on"
        type="button"
        class="btn btn-quiet"
        :disabled="close.isPending.value"
        @click="close.mutate()"
      >
        Close it
      </button>
    </div>
  </section>
</template>
