<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api, signOut } from '../api/client'
import { Problem } from '../api/problem'
import { queryClient, useSchools, useSession } from '../api/queries'
import { forgetLastCall } from '../ui/lastCall'
import { forgetDrafts } from '../ui/drafts'
import Notice from '../ui/Notice.vue'
import People from './People.vue'
import UnitChoice from './UnitChoice.vue'

const { data: session } = useSession()
const { data: settings, failureReason, refetch } = useSchools()

const choose = useMutation({
  mutationFn: ({ schoolId, choice }: { schoolId: string; choice: string }) =>
    answer(() => api.PUT('/api/schools/{schoolId}', { params: { path: { schoolId } }, body: { choice } })),
  onSuccess: (all) => {
    queryClient.setQueryData(['schools'], all)
    void queryClient.invalidateQueries({ queryKey: ['call'] })
    void queryClient.invalidateQueries({ queryKey: ['round'] })
    void queryClient.invalidateQueries({ queryKey: ['consequence'] })
  },
})
const problem = computed(() => {
  const error = choose.error.value ?? failureReason.value
  return error instanceof Problem ? error : undefined
})

async function leave() {
  await signOut()
  forgetDrafts()
  forgetLastCall()
  queryClient.clear()
  location.assign('/')
}
</script>

<template>
  <main class="mx-auto w-full max-w-6xl px-3 pb-10 sm:px-6">
    <header class="flex flex-wrap items-end justify-between gap-3 py-4">
      <div>
        <h1 class="text-3xl leading-tight">How you work</h1>
        <p class="text-soft">
          Good practitioners differ on these. What you choose changes what is advised, on open calls too.
        </p>
      </div>
      <p v-if="session" class="flex items-center gap-4">
        {{ session.name }}, {{ session.business }}
        <button type="button" class="btn" @click="leave">Sign out</button>
      </p>
    </header>
    <Notice
      v-if="problem"
      :problem="problem"
      class="mb-4"
      @again="choose.variables.value ? choose.mutate(choose.variables.value) : refetch()"
      @dismiss="choose.reset()"
    />
    <div class="grid gap-4 md:grid-cols-2 xl:grid-cols-3">
      <UnitChoice v-if="session" :session="session" />
      <fieldset
        v-for="{ school, machines, chosen } in settings"
        :key="school.id"
        class="bg-sheet border-line rounded-xl border p-4"
      >
        <legend class="sr-only">{{ school.question }}</legend>
        <p class="font-head text-lg leading-tight font-bold" aria-hidden="true">{{ school.question }}</p>
        <p class="text-soft text-sm">{{ machines.join(', ') }}</p>
        <label
          v-for="option in school.choices"
          :key="option.id"
          class="flex min-h-12 items-center gap-3 leading-tight"
        >
          <input
            type="radio"
            class="accent-rubber size-6 shrink-0"
            :name="school.id"
            :checked="option.id === chosen"
            @change="choose.mutate({ schoolId: school.id, choice: option.id })"
          />
          <span
            >{{ option.name }}<span v-if="option.id === school.usual" class="text-soft"> (usual)</span></span
          >
        </label>
        <p class="mt-1 text-[0.95rem]">{{ school.why }}</p>
      </fieldset>
      <People v-if="session" :lead="session.lead" />
    </div>
  </main>
</template>
