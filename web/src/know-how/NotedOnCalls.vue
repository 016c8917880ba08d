<script setup lang="ts">
import type { Knowhow } from '../api/types'
import { useNoted, useSession } from '../api/queries'
import { ABOUT } from '../call/job'
import { dayName, minutes } from '../ui/text/format'

const props = defineProps<{ knowhow: Knowhow }>()
const { data: noted } = useNoted(() => props.knowhow.pack.id)
const { data: session } = useSession()
/** What becomes of it in the know-how. */
const INTO = { NOTE: undefined, SEEN: 'symptoms', DONE: 'remedies' } as const
</script>

<template>
  <section class="max-w-3xl" aria-labelledby="noted-title">
    <h2 id="noted-title" class="text-xl">Seen and done on calls, and not in the know-how</h2>
    <p class="text-soft mb-3">
      What technicians wrote in their own words. Whoever keeps the know-how takes it into the next version of
      the pack, or leaves it; nothing is taken over unasked.
    </p>
    <ul v-if="noted?.length" class="border-line border-t">
      <li
        v-for="one in noted"
        :key="one.id"
        class="border-line grid grid-cols-[5rem_1fr] gap-x-3 border-b py-3"
      >
        <b class="text-act">{{ ABOUT[one.note.about] }}</b>
        <div>
          <p class="font-semibold">{{ one.note.text }}</p>
          <p class="text-soft text-[0.95rem]">
            <template v-if="one.note.minutes">{{ minutes(one.note.minutes) }} · </template>
            <template v-if="one.note.proved">seen to work · </template>
            {{ one.by }} ·
            <RouterLink :to="`/calls/${one.callId}`" class="underline decoration-dotted underline-offset-4"
              >{{ dayName(one.day) }}, {{ one.machine }}</RouterLink
            >
          </p>
          <RouterLink
            v-if="session?.lead && INTO[one.note.about]"
            class="btn btn-quiet -ml-4 text-sm"
            :to="{
              path: `/know-how/${knowhow.pack.id}/draft/${INTO[one.note.about]}/new`,
              query: { name: one.note.text, minutes: one.note.minutes },
            }"
            >Take it into the draft</RouterLink
          >
        </div>
      </li>
    </ul>
    <p v-else-if="noted">Nothing yet. On a call it is written under “In your own words”, below the story.</p>
  </section>
</template>
