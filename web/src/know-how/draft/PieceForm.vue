<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Draft } from '../../api/types'
import { useDraft } from '../../ui/kept/drafts'
import Notice from '../../ui/Notice.vue'
import { BLANK, FIELDS, toSend } from './fields'
import PieceField from './PieceField.vue'
import { idOf, nameOf, ONE, piecesOf, type Section } from './sections'
import { useDraftActions } from './useDraftActions'

const props = defineProps<{ kind: string; draft: Draft; section: Section; id: string }>()
const route = useRoute()
const router = useRouter()
const { put, takeOut, problem, dismiss } = useDraftActions(props.kind)

const NEW = 'new'
const isNew = computed(() => props.id === NEW)
const there = computed(() => piecesOf(props.draft, props.section).find((piece) => piece.id === props.id))
/** What a note taken on a call already says of it. */
const said = computed(() =>
  Object.fromEntries(
    Object.entries({
      name: route.query.name,
      minutes: route.query.minutes ? Number(route.query.minutes) : undefined,
    }).filter(([, value]) => value),
  ),
)
const before = computed(() =>
  isNew.value ? { ...BLANK[props.section], ...said.value } : (there.value ?? {}),
)

/** The members that were changed and not kept yet; they outlive a reload. */
const entered = useDraft<Record<string, unknown>>(`piece:${props.kind}:${props.section}:${props.id}`, {})
const now = computed<Record<string, unknown>>(() => ({ ...before.value, ...entered.value }))

function set(member: string, value: unknown) {
  entered.value = { ...entered.value, [member]: value }
}
const back = () => router.push(`/know-how/${props.kind}/draft`)

async function keep() {
  const taken = piecesOf(props.draft, props.section).map((piece) => piece.id)
  const id = isNew.value ? idOf(nameOf(now.value), taken) : props.id
  const members = toSend(props.section, isNew.value ? now.value : entered.value)
  await put.mutateAsync({ section: props.section, id, members })
  entered.value = {}
  await back()
}
async function remove() {
  await takeOut.mutateAsync({ section: props.section, id: props.id })
  entered.value = {}
  await back()
}
async function leave() {
  entered.value = {}
  await back()
}
</script>

<template>
  <section class="bg-sheet border-line rounded-xl border p-4" aria-labelledby="piece-title">
    <h2 id="piece-title" class="text-xl">
      {{ isNew ? `A new ${ONE[section]}` : there ? nameOf(there) : `No such ${ONE[section]}` }}
    </h2>
    <p v-if="!isNew && there" class="text-soft text-sm">
      {{ ONE[section] }} <span class="font-mono">{{ id }}</span>
    </p>
    <Notice v-if="problem" class="mt-2" :problem="problem" @dismiss="dismiss" @again="keep" />
    <form v-if="isNew || there" class="mt-3 grid gap-4" @submit.prevent="keep">
      <PieceField
        v-for="field in FIELDS[section]"
        :key="field.member"
        :field="field"
        :draft="draft"
        :model-value="now[field.member]"
        @update:model-value="set(field.member, $event)"
      />
      <div class="flex flex-wrap gap-2">
        <button class="btn btn-act" :disabled="put.isPending.value">Save to draft</button>
        <button type="button" class="btn" @click="leave">
          {{ isNew ? 'Do not add it' : 'Leave it as it was' }}
        </button>
        <button v-if="!isNew" type="button" class="btn btn-quiet" @click="remove">
          Take the {{ ONE[section] }} out
        </button>
      </div>
    </form>
    <button v-else type="button" class="btn mt-3" @click="back">Back to the draft</button>
  </section>
</template>
