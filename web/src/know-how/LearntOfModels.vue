<script setup lang="ts">
import { computed } from 'vue'
import type { Knowhow, LearntOfModel } from '../api/types'
import { useLearnt, useSession } from '../api/queries'
import { handling, learntText, screwsText } from '../call/job'
import Notice from '../ui/Notice.vue'
import { useDraftActions } from './draft/useDraftActions'

/** How models are opened, as it was found on calls and the know-how does not say it. */
const props = defineProps<{ knowhow: Knowhow }>()
const pack = computed(() => props.knowhow.pack)
const { data: models } = useLearnt(() => pack.value.id)
const { data: session } = useSession()
const { put, problem, dismiss } = useDraftActions(pack.value.id)

const pieces = computed(() => {
  const layers = [
    ...pack.value.layers,
    ...pack.value.ways.flatMap(({ choices }) => choices).flatMap((c) => c.layers),
  ]
  return new Map(layers.flatMap((layer) => layer.pieces).map((piece) => [piece.id, piece.name]))
})

function said({ learnt }: LearntOfModel) {
  const ways = pack.value.ways.flatMap((way) => {
    const found = learnt.ways[way.id]
    const choice = way.choices.find(({ id }) => id === found?.choice)
    return found && choice ? [{ about: way.ask, what: choice.name, learner: found }] : []
  })
  const held = Object.entries(learnt.pieces).map(([id, found]) => ({
    about: `${pieces.value.get(id) ?? id}:`,
    what: [...found.fastening.screws.map(screwsText), handling(found.fastening)].filter(Boolean).join(' · '),
    learner: found,
  }))
  return [...ways, ...held]
}
</script>

<template>
  <section v-if="models?.length" class="mb-8 max-w-3xl" aria-labelledby="learnt-title">
    <h2 id="learnt-title" class="text-xl">Found on calls</h2>
    <p class="text-soft mb-3">
      How these models are opened, where the know-how says it otherwise. The next call on such a model is told
      so already; as a part of the know-how it goes out with the pack, too.
    </p>
    <Notice v-if="problem" class="mb-3" :problem="problem" @dismiss="dismiss" />
    <ul class="border-line border-t">
      <li v-for="one in models" :key="`${one.maker} ${one.model}`" class="border-line border-b py-3">
        <h3 class="font-semibold">{{ one.maker }} {{ one.model }}</h3>
        <p v-for="line in said(one)" :key="line.about">
          {{ line.about }} <b>{{ line.what || 'nothing holds it' }}</b>
          <span class="text-soft"> – {{ learntText(line.learner) }}</span>
        </p>
        <button
          v-if="session?.lead"
          type="button"
          class="btn btn-quiet -ml-4 text-sm"
          :disabled="put.isPending.value"
          @click="put.mutate({ section: 'families', id: String(one.family.id), members: one.family })"
        >
          Take it into the draft
        </button>
      </li>
    </ul>
    <p v-if="put.isSuccess.value" role="status">
      It stands in
      <RouterLink class="underline decoration-dotted underline-offset-4" :to="`/know-how/${pack.id}/draft`"
        >the draft</RouterLink
      >
      now.
    </p>
  </section>
</template>
