<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { answer, api, putFile } from '../api/client'
import type { Logo } from '../api/types'
import { useLogo } from '../api/queries'
import { queryClient } from '../api/queryClient'
import FilePick from '../ui/field/FilePick.vue'
import Notice from '../ui/Notice.vue'

const { data: logo } = useLogo()
const onSuccess = (kept: Logo) => queryClient.setQueryData(['logo'], kept)
const put = useMutation({
  // What it is, the server sees for itself, and says so.
  mutationFn: (file: File) =>
    answer(() => putFile<Logo>('/api/business/logo', new Blob([file], { type: 'image/png' }))),
  onSuccess,
})
const remove = useMutation({ mutationFn: () => answer(() => api.DELETE('/api/business/logo')), onSuccess })
</script>

<template>
  <section
    class="bg-sheet border-line grid max-w-2xl gap-3 rounded-xl border p-4"
    aria-labelledby="logo-title"
  >
    <h2 id="logo-title" class="text-lg leading-tight">Logo</h2>
    <Notice v-if="put.error.value" :problem="put.error.value" @dismiss="put.reset()" />
    <Notice v-if="remove.error.value" :problem="remove.error.value" @dismiss="remove.reset()" />
    <div class="flex flex-wrap items-center gap-3">
      <img
        v-if="logo?.picture"
        :src="logo.picture"
        alt="The logo of your reports"
        class="max-h-16 max-w-48 bg-white p-1"
      />
      <p v-else class="text-soft">None: reports bear the name alone. JPEG or PNG, wide rather than high.</p>
      <FilePick accept="image/png,image/jpeg" @pick="put.mutate($event)">{{
        put.isPending.value ? 'Saving …' : logo?.picture ? 'Another picture' : 'Choose a picture'
      }}</FilePick>
      <button
        v-if="logo?.picture"
        type="button"
        class="btn btn-quiet"
        :disabled="remove.isPending.value"
        @click="remove.mutate()"
      >
        Remove
      </button>
    </div>
  </section>
</template>
