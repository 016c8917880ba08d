<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { useMediaQuery } from '@vueuse/core'
import { computed } from 'vue'
import { answer, api } from '../api/client'
import { useSchools, useSession } from '../api/queries'
import { queryClient } from '../api/queryClient'
import type { SchoolSetting } from '../api/types'
import { prepareAnew } from '../store/held/nextDays'
import Notice from '../ui/Notice.vue'
import RoundCalendar from './RoundCalendar.vue'
import SchoolChoice from './SchoolChoice.vue'
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
</script>

<template>
  <p class="text-soft mb-3">
    Good practitioners differ on these. What you choose changes what is advised, on open calls too.
  </p>
  <Notice
    v-if="problem"
    :problem="problem"
    class="mb-4"
    @again="choose.variables.value ? choose.mutate(choose.variables.value) : refetch()"
    @dismiss="choose.reset()"
  />
  <div class="grid gap-4 md:grid-cols-2 xl:grid-cols-3">
    <UnitChoice v-if="session" :session="session" />
    <RoundCalendar />
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
</template>
