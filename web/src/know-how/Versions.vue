<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api } from '../api/client'
import { useRevisions, useSession } from '../api/queries'
import { queryClient } from '../api/queryClient'
import { prepareAnew } from '../store/held/nextDays'
import type { Change, Knowhow, Revision } from '../api/types'
import { clock, dayOf } from '../ui/text/clocks'
import { dayName } from '../ui/text/format'
import Notice from '../ui/Notice.vue'
import ChangeList from './ChangeList.vue'
import ImportPanel from './ImportPanel.vue'

const props = defineProps<{ knowhow: Knowhow }>()
const kind = computed(() => props.knowhow.pack.id)
const { data: session } = useSession()
const { data: revisions } = useRevisions(kind)
const inUse = computed(() => revisions.value?.find((revision) => revision.active))
const compared = ref<{ number: number; changes: Change[] }>()

const SOURCE = { SHIPPED: 'Shipped', IMPORTED: 'Brought in', EDITED: 'Changed here' }
const at = (revision: Revision) => `${dayName(dayOf(revision.at))}, ${clock(revision.at)}`
const path = (number: number) => ({ kind: kind.value, number })

const compare = useMutation({
  mutationFn: async (number: number) => {
    const changes = await answer(() =>
      api.GET('/api/know-how/{kind}/revisions/{number}/changes', { params: { path: path(number) } }),
    )
    compared.value = { number, changes }
  },
})

function show(all: Revision[]) {
  queryClient.setQueryData(['revisions', kind.value], all)
  void queryClient.invalidateQueries({ queryKey: ['know-how', kind.value, 'in-use'] })
  void queryClient.invalidateQueries({ queryKey: ['kinds'] })
  void queryClient.invalidateQueries({ queryKey: ['schools'] })
  void queryClient.invalidateQueries({ queryKey: ['know-how-here'] })
  prepareAnew()
}
const activate = useMutation({
  mutationFn: (number: number) =>
    answer(() =>
      api.PUT('/api/know-how/{kind}/revisions/active', {
        params: { path: { kind: kind.value } },
        body: { number },
      }),
    ),
  onSuccess: (all) => {
    compared.value = undefined
    show(all)
  },
})
const problem = computed(() => activate.error.value ?? compare.error.value)
</script>

<template>
  <div class="grid items-start gap-8 lg:grid-cols-[1fr_24rem]">
    <section aria-labelledby="versions-title">
      <h2 id="versions-title" class="text-xl">Versions</h2>
      <p class="text-soft">A new call is judged with the version in use, and keeps it to its end.</p>
      <Notice
        v-if="problem"
        :problem="problem"
        class="mt-2"
        @dismiss="activate.reset()"
        @again="activate.reset()"
      />
      <ol>
        <li
          v-for="revision in revisions"
          :key="revision.number"
          class="border-line grid gap-x-4 gap-y-1 border-b border-dashed py-3"
        >
          <p class="flex flex-wrap items-baseline justify-between gap-x-4">
            <span
              ><b class="font-mono">{{ revision.number }}</b>
              <b v-if="revision.active" class="bg-clean ml-2 rounded px-1.5 py-0.5 text-sm text-on-tone"
                >in use</b
              >
              <span class="ml-2 font-semibold">{{ revision.note || SOURCE[revision.source] }}</span></span
            >
            <span class="text-soft text-sm"
              >{{ at(revision) }} · {{ revision.calls }} {{ revision.calls === 1 ? 'call' : 'calls' }}</span
            >
          </p>
          <div class="flex flex-wrap gap-2">
            <template v-if="!revision.active">
              <button
                v-if="session?.lead"
                type="button"
                class="btn"
                @click="activate.mutate(revision.number)"
              >
                {{ inUse && revision.number < inUse.number ? 'Return to it' : 'Publish' }}
              </button>
              <button type="button" class="btn btn-quiet" @click="compare.mutate(revision.number)">
                Compare with the one in use
              </button>
            </template>
            <a
              class="btn btn-quiet"
              :href="`/api/know-how/${kind}/revisions/${revision.number}/pack.yaml`"
              download
              >Pack as YAML</a
            >
            <a
              class="btn btn-quiet"
              :href="`/api/know-how/${kind}/revisions/${revision.number}/codes.csv`"
              download
              >Codes as CSV</a
            >
          </div>
          <ChangeList v-if="compared?.number === revision.number" :changes="compared.changes" />
        </li>
      </ol>
      <template v-if="knowhow.remarks.length">
        <h2 class="mt-6 text-xl">What the one in use leaves unsaid</h2>
        <ul class="list-disc pl-5">
          <li v-for="remark in knowhow.remarks" :key="remark">{{ remark }}</li>
        </ul>
      </template>
    </section>
    <ImportPanel v-if="session?.lead" :kind="kind" @added="show" />
    <p v-else class="text-soft">The lead imports versions and publishes them.</p>
  </div>
</template>
