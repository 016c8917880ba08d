<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { useMediaQuery } from '@vueuse/core'
import { computed, ref } from 'vue'
import { answer, api, signOut } from '../api/client'
import { useSchools, useSession } from '../api/queries'
import { queryClient } from '../api/queryClient'
import type { SchoolSetting } from '../api/types'
import { prepareAnew } from '../store/nextDays'
import { read, refused, waiting } from '../store/outbox'
import { forgetAndBeginAnew } from '../store/forget'
import Sheet from '../ui/Sheet.vue'
import Notice from '../ui/Notice.vue'
import BusinessForm from './BusinessForm.vue'
import DeviceList from './DeviceList.vue'
import LeftBehind from './LeftBehind.vue'
import OwnPassword from './OwnPassword.vue'
import Passkeys from './Passkeys.vue'
import People from './People.vue'
import SchoolChoice from './SchoolChoice.vue'
import TrailOfAll from './TrailOfAll.vue'
import LookChoice from './LookChoice.vue'
import UnitChoice from './UnitChoice.vue'

const { data: session } = useSession()
const { data: settings, failureReason, refetch } = useSchools()

const choose = useMutation({
  mutationFn: ({ schoolId, choice }: { schoolId: string; choice: string }) =>
    answer(() =>
      // It goes out even if the page is left at once: it is drawn already.
      api.PUT('/api/schools/{schoolId}', {
        params: { path: { schoolId } },
        body: { choice },
        keepalive: true,
      }),
    ),
  onSuccess: (all) => {
    queryClient.setQueryData(['schools'], all)
    void queryClient.invalidateQueries({ queryKey: ['call'] })
    void queryClient.invalidateQueries({ queryKey: ['round'] })
    void queryClient.invalidateQueries({ queryKey: ['consequence'] })
    prepareAnew()
  },
})
/** Open at a desk; on a phone all of them are a long way down. */
const desk = useMediaQuery('(min-width: 60rem)')
const byMachines = computed(() => {
  const groups = new Map<string, SchoolSetting[]>()
  for (const setting of settings.value ?? []) {
    const machines = setting.machines.length > 3 ? 'Every machine' : setting.machines.join(', ')
    groups.set(machines, [...(groups.get(machines) ?? []), setting])
  }
  return groups
})
const problem = computed(() => choose.error.value ?? failureReason.value)

/** Whether it is asked first, as something waits that would be lost. */
const asksFirst = ref(false)
const unsent = computed(() => waiting.value.length + refused.value.length)

async function askOrLeave() {
  const lost = await read().catch(() => [])
  if (lost.length) asksFirst.value = true
  else await leave()
}

async function leave() {
  await signOut()
  await forgetAndBeginAnew()
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
        <button type="button" class="btn whitespace-nowrap" @click="askOrLeave">Sign out</button>
      </p>
    </header>
    <Sheet v-model="asksFirst" title="Not all of it has gone out">
      <p>
        {{ unsent === 1 ? 'One entry is' : `${unsent} entries are` }} only on this device yet. Whoever signs
        out here takes them away for good: wait until there is signal.
      </p>
      <div class="mt-4 flex flex-wrap gap-2">
        <button type="button" class="btn btn-act" @click="asksFirst = false">Stay signed in</button>
        <button type="button" class="btn" @click="leave">Sign out, and lose them</button>
      </div>
    </Sheet>
    <Notice
      v-if="problem"
      :problem="problem"
      class="mb-4"
      @again="choose.variables.value ? choose.mutate(choose.variables.value) : refetch()"
      @dismiss="choose.reset()"
    />
    <div class="grid gap-4 md:grid-cols-2 xl:grid-cols-3">
      <UnitChoice v-if="session" :session="session" />
      <LookChoice />
    </div>
    <details v-for="[machines, some] in byMachines" :key="machines" class="mt-5" :open="desk">
      <summary class="min-h-12 cursor-pointer py-2 text-xl leading-tight">
        <h2 class="inline text-xl">{{ machines }}</h2>
        <span class="text-soft text-base"> · {{ some.length }} to choose</span>
      </summary>
      <div class="grid gap-4 md:grid-cols-2 xl:grid-cols-3">
        <SchoolChoice
          v-for="setting in some"
          :key="setting.school.id"
          :setting="setting"
          @choose="choose.mutate({ schoolId: setting.school.id, choice: $event })"
        />
      </div>
    </details>
    <div v-if="session" class="mt-8 grid items-start gap-4 md:grid-cols-2 xl:grid-cols-3">
      <BusinessForm v-if="session.owner" />
      <People :owner="session.owner" :me="session.id" />
      <DeviceList :all="session.lead" />
      <LeftBehind v-if="session.lead" />
      <OwnPassword />
      <Passkeys />
      <TrailOfAll v-if="session.owner" />
    </div>
  </main>
</template>
