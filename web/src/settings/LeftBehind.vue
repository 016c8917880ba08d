<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { answer, api } from '../api/client'
import { useLeftBehind } from '../api/queries'
import { queryClient } from '../api/queryClient'
import { nameOf } from '../call/changes'
import { clock, otherDay } from '../ui/text/clocks'
import Notice from '../ui/Notice.vue'

const { data: left } = useLeftBehind()
const { mutate, isPending, error, reset } = useMutation({
  mutationFn: ({ id, takes }: { id: string; takes: boolean }) => {
    const params = { path: { id } }
    return answer(() =>
      takes ? api.POST('/api/left-behind/{id}', { params }) : api.DELETE('/api/left-behind/{id}', { params }),
    )
  },
  onSuccess: (rest) => queryClient.setQueryData(['left-behind'], rest),
})

/** What was entered, as far as it is a finding: its words and ids, which a lead can tell apart. */
const said = (change: object) =>
  Object.entries((change as { finding?: object }).finding ?? {})
    .filter(([name, value]) => name !== 'kind' && typeof value === 'string')
    .map(([, value]) => String(value).replaceAll('-', ' '))
    .join(', ')
</script>

<template>
  <section
    v-if="left?.length"
    class="bg-sheet border-line rounded-xl border p-4 md:col-span-2"
    aria-labelledby="left-title"
  >
    <h2 id="left-title" class="text-lg leading-tight">Not sent before they were locked out</h2>
    <p class="text-soft mt-1 text-sm leading-snug">
      These entries waited on a device that was signed out. Take each one into its call, or drop it.
    </p>
    <Notice v-if="error" :problem="error" @again="reset()" @dismiss="reset()" />
    <ul>
      <li
        v-for="one in left"
        :key="one.id"
        class="border-line flex flex-wrap items-center justify-between gap-3 border-b border-dashed py-2"
      >
        <span class="leading-tight">
          {{ nameOf(one.kind)
          }}<template v-if="said(one.change)"
            >: <b>{{ said(one.change) }}</b></template
          >,
          <RouterLink v-if="one.customer" :to="`/calls/${one.call}`" class="underline">{{
            one.customer
          }}</RouterLink>
          <span class="text-soft block text-sm"
            >{{ one.by }}, {{ otherDay(one.at) }} {{ clock(one.at) }}</span
          >
        </span>
        <span class="flex gap-2">
          <button
            type="button"
            class="btn"
            :disabled="isPending"
            @click="mutate({ id: one.id, takes: true })"
          >
            Take
          </button>
          <button
            type="button"
            class="btn btn-quiet"
            :disabled="isPending"
            @click="mutate({ id: one.id, takes: false })"
          >
            Drop
          </button>
        </span>
      </li>
    </ul>
  </section>
</template>
