<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, ref, toRef, watch } from 'vue'
import { Problem } from '../api/problem'
import { useCall, useKnowhow, useStep } from '../api/queries'
import type { Step } from '../api/types'
import Notice from '../ui/Notice.vue'
import Bore from '../judgement/Bore.vue'
import MindChangers from '../judgement/MindChangers.vue'
import Misfits from '../judgement/Misfits.vue'
import Ranking from '../judgement/Ranking.vue'
import { byTrouble } from '../judgement/paths'
import { ofKey, stepKey } from '../judgement/steps'
import { shortText } from '../judgement/wording'
import AboutVisit from './AboutVisit.vue'
import CallFindings from './CallFindings.vue'
import CallHeader from './CallHeader.vue'
import ConflictNotice from './ConflictNotice.vue'
import JustEntered from './JustEntered.vue'
import NextStep from './NextStep.vue'
import Notes from './Notes.vue'
import RingDial from './RingDial.vue'
import RingGaps from './RingGaps.vue'
import RingStrip from './RingStrip.vue'
import StationSheet from './StationSheet.vue'
import Story from './Story.vue'
import { provideCall } from './context'
import CallPanel from './stages/CallPanel.vue'
import ClosePanel from './stages/ClosePanel.vue'
import CurePanel from './stages/CurePanel.vue'
import HandOverPanel from './stages/HandOverPanel.vue'
import OpenPanel from './stages/OpenPanel.vue'
import ProvePanel from './stages/ProvePanel.vue'
import SafePanel from './stages/SafePanel.vue'
import { useCallActions } from './useCallActions'
import UpkeepPanel from './upkeep/UpkeepPanel.vue'
import UpkeepTasks from './upkeep/UpkeepTasks.vue'
import { useStage } from './useStage'

const PANELS = {
  CALL: CallPanel,
  SAFE: SafePanel,
  FIND: NextStep,
  OPEN: OpenPanel,
  CURE: CurePanel,
  CLEAN: UpkeepPanel,
  CLOSE: ClosePanel,
  PROVE: ProvePanel,
  HAND_OVER: HandOverPanel,
}

const props = defineProps<{ id: string }>()
const { data: call, failureReason, refetch } = useCall(() => props.id)
const { data: knowhow } = useKnowhow(
  () => call.value?.machine.kind,
  () => call.value?.head.revision,
  () => call.value?.family,
)
const actions = useCallActions(toRef(props, 'id'))

const pack = computed(() => knowhow.value!.pack)
const codes = computed(() => {
  const maker = call.value!.machine.maker.toLowerCase()
  return knowhow.value!.codes.filter((code) => code.maker.toLowerCase() === maker)
})
const stage = useStage(() => call.value!)
/** A step taken in another order than advised, by its key; the advice comes back once the story moves on. */
const chosen = ref<string>()
const isChosen = (one?: Step) => !!one && stepKey(one) === chosen.value
const listed = computed(() => call.value?.assessment.plan.alternatives.find(isChosen))
/** A step far down the list is asked for once somebody takes it. */
const { data: whole } = useStep(call, () =>
  chosen.value && !listed.value && !isChosen(call.value?.assessment.plan.next)
    ? ofKey(chosen.value)
    : undefined,
)
const step = computed(
  () => listed.value ?? (isChosen(whole.value) ? whole.value : call.value!.assessment.plan.next),
)
provideCall({ call: computed(() => call.value!), pack, codes, actions, stage, step })
const findings = computed(() =>
  call.value!.story.map((entry) =>
    shortText(entry.finding, pack.value, codes.value, call.value!.find.readings[entry.id]?.says),
  ),
)

const wide = useMediaQuery('(min-width: 60rem)')
const station = ref<string>()
watch(
  () => call.value?.story.map((entry) => entry.id + entry.version).join(),
  (_, before) => {
    chosen.value = undefined
    if (before !== undefined && stage.touched.value === 'FIND') stage.show()
  },
)

function choose(key: string) {
  chosen.value = key
  station.value = undefined
  if (stage.shown.value !== 'FIND') stage.show('FIND')
}

/** A task of an upkeep that is shown out of turn, by its remedy. */
const chosenTask = ref<string>()
watch(
  () => call.value?.upkeep?.tasks.filter((task) => task.done).length,
  () => (chosenTask.value = undefined),
)

/** Where the work stands at a step of the plan, the step itself is shown. */
const panel = computed(() => {
  const { stands, assessment } = call.value!
  const { next } = assessment.plan
  const atStep =
    !stage.touched.value && !!next && (next.kind === 'STOP' || ['FIND', 'CURE', 'PROVE'].includes(stands))
  return atStep ? NextStep : PANELS[stage.shown.value]
})

/** What comes next is read from its top. */
watch(
  () => call.value && [stage.shown.value, step.value && stepKey(step.value)].join(),
  (_, before) => before !== undefined && window.scrollTo({ top: 0 }),
)
</script>

<template>
  <Notice
    v-if="!call && failureReason instanceof Problem"
    :problem="failureReason"
    class="m-4"
    @again="refetch()"
    @dismiss="refetch()"
  />
  <template v-if="call && knowhow">
    <CallHeader />
    <ConflictNotice v-if="actions.problem.value?.theirs" />
    <Notice
      v-else-if="actions.problem.value"
      :problem="actions.problem.value"
      class="sticky top-0 z-10"
      @again="actions.again()"
      @dismiss="actions.dismiss()"
    />
    <main :aria-busy="actions.waits.value" class="desk:grid-cols-[15.5rem_minmax(0,1fr)_22rem] grid flex-1">
      <section class="border-line desk:border-r desk:p-4 px-3 pt-2" aria-label="The ring of this call">
        <RingDial class="desk:block hidden" />
        <RingStrip class="desk:hidden" />
        <RingGaps />
        <JustEntered v-if="!wide" />
        <AboutVisit v-if="wide" class="mt-3" />
      </section>
      <aside
        class="bg-sheet border-line desk:order-3 desk:border-l desk:sticky desk:top-0 desk:self-start desk:min-h-full"
        aria-label="Next step"
      >
        <component
          :is="panel"
          v-bind="panel === UpkeepPanel ? { chosen: chosenTask } : {}"
          @choose="choose"
          @back="chosen = undefined"
        />
      </aside>
      <div class="desk:order-2 desk:px-5 min-w-0 px-3 py-4">
        <UpkeepTasks v-if="call.upkeep" @choose="chosenTask = $event" />
        <template v-else>
          <div class="flex flex-wrap items-baseline justify-between gap-x-4">
            <h2 class="text-lg">Where it narrows</h2>
            <p class="text-soft text-sm">The wider the bore, the likelier that it is clear</p>
          </div>
          <div class="desk:block grid grid-cols-2 gap-3">
            <Bore
              v-for="{ path, slim } in byTrouble(call.assessment)"
              :key="path.path"
              :pack="pack"
              :path="path"
              :slim="slim"
              :openings="call.find.openings"
              :flows="call.find.flows"
              @touch="station = $event"
            />
          </div>
        </template>
        <div class="mt-4 grid gap-x-6 gap-y-5 md:grid-cols-2">
          <div v-if="!call.upkeep">
            <Misfits :assessment="call.assessment" :findings="findings" />
            <Ranking
              :pack="pack"
              :assessment="call.assessment"
              :findings="findings"
              :title="call.assessment.plan.next ? 'Most likely' : 'What it was'"
            />
            <MindChangers
              v-if="call.story.length && !call.head.closing"
              class="mt-2"
              :pack="pack"
              :assessment="call.assessment"
              @choose="choose"
            />
          </div>
          <div>
            <Story />
            <Notes />
            <CallFindings
              v-if="!call.upkeep && call.story.length && !call.head.closing && stage.shown.value !== 'CALL'"
              class="mt-3"
            />
          </div>
        </div>
        <AboutVisit v-if="!wide" class="mt-5" />
      </div>
    </main>
    <StationSheet :station="station" @close="station = undefined" @choose="choose" />
  </template>
</template>
