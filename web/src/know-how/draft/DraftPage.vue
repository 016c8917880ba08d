<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { Problem } from '../../api/problem'
import { useDraftCases, useKnowhowDraft, useSession } from '../../api/queries'
import type { Knowhow } from '../../api/types'
import Notice from '../../ui/Notice.vue'
import InspectionList from '../InspectionList.vue'
import EditList from './EditList.vue'
import MovedRanking from './MovedRanking.vue'
import PieceChoice from './PieceChoice.vue'
import PieceForm from './PieceForm.vue'
import { isSection } from './sections'
import UseForm from './UseForm.vue'
import { useDraftActions } from './useDraftActions'

const props = defineProps<{ knowhow: Knowhow; section?: string; piece?: string }>()
const router = useRouter()
const kind = props.knowhow.pack.id
const { data: session } = useSession()
const { data: draft, failureReason, refetch } = useKnowhowDraft(kind)
const sound = computed(() => !!draft.value?.edits.length && !draft.value.inspection.problems.length)
const { data: cases, isFetching: playing } = useDraftCases(kind, sound)
const { takeBack, forget, use, problem, dismiss } = useDraftActions(kind)

const usable = computed(() => sound.value && !draft.value?.inspection.dangers.length)

async function putToUse(note: string, checked: boolean) {
  await use.mutateAsync({ note, alone: checked })
  await router.push(`/know-how/${kind}/versions`)
}
</script>

<template>
  <Notice
    v-if="!draft && failureReason instanceof Problem"
    :problem="failureReason"
    @again="refetch()"
    @dismiss="refetch()"
  />
  <div v-if="draft" class="grid items-start gap-8 lg:grid-cols-2">
    <p v-if="!session?.lead" class="lg:col-span-2">
      The lead changes the know-how. What you see on calls and miss here, write there in your own words: it
      arrives under “Noted on calls”.
    </p>
    <PieceForm
      v-if="section && piece && isSection(section)"
      :id="piece"
      :key="section + piece"
      :kind="kind"
      :draft="draft"
      :section="section"
    />
    <PieceChoice v-else-if="session?.lead" :kind="kind" :draft="draft" />

    <div class="grid gap-5">
      <section aria-labelledby="draft-title">
        <h2 id="draft-title" class="text-xl">The draft</h2>
        <Notice v-if="problem" :problem="problem" @dismiss="dismiss" @again="dismiss" />
        <p v-if="!draft.edits.length" class="text-soft">
          Nothing is changed. What you save here collects changes to the live version, and advises nobody
          before it is published.
        </p>
        <template v-else>
          <EditList :knowhow="knowhow" :draft="draft" @take-back="takeBack.mutate($event)" />
          <details v-if="session?.lead">
            <summary class="min-h-12 cursor-pointer py-3 text-sm font-semibold">Discard draft</summary>
            <button type="button" class="btn" @click="forget.mutate()">
              Yes, for good: {{ draft.edits.length }} {{ draft.edits.length === 1 ? 'change' : 'changes' }}
            </button>
          </details>
        </template>
      </section>
      <template v-if="draft.edits.length">
        <InspectionList
          :inspection="draft.inspection"
          :cases="cases"
          :playing="playing"
          refused="It contradicts itself"
        />
        <MovedRanking :knowhow="knowhow" :draft="draft" />
        <UseForm
          v-if="session?.lead && usable"
          :kind="kind"
          :alone="draft.alone"
          :busy="use.isPending.value"
          @use="putToUse"
        />
      </template>
    </div>
  </div>
</template>
