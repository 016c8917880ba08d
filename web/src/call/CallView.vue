<script setup lang="ts">
import { useMediaQuery, useWakeLock } from '@vueuse/core'
import { computed, onUnmounted, ref, toRef, watch } from 'vue'
import { Problem } from '../api/problem'
import { useCall, useKnowhowHere, useStep } from '../api/queries'
import type { Step } from '../api/types'
import Notice from '../ui/Notice.vue'
import { ofKey, stepKey } from '../judgement/steps'
import AboutVisit from './about/AboutVisit.vue'
import CallHeader from './CallHeader.vue'
import ConflictNotice from './story/ConflictNotice.vue'
import JustEntered from './story/JustEntered.vue'
import KeysSheet from './KeysSheet.vue'
import Later from './about/Later.vue'
import NextStep from './step/NextStep.vue'
import Overview from './Overview.vue'
import RingDial from './ring/RingDial.vue'
import RingGaps from './ring/RingGaps.vue'
import RingStrip from './ring/RingStrip.vue'
import StationSheet from './story/StationSheet.vue'
import { provideCall } from './context'
import CallPanel from './stages/CallPanel.vue'
import ClosePanel from './stages/ClosePanel.vue'
import CurePanel from './stages/CurePanel.vue'
import HandOverPanel from './stages/HandOverPanel.vue'
import OpenPanel from './stages/OpenPanel.vue'
import ProvePanel from './stages/ProvePanel.vue'
import SafePanel from './stages/SafePanel.vue'
import { useCallActions } from './useCallActions'
import { useForesight } from './useForesight'
import UpkeepPanel from './upkeep/UpkeepPanel.vue'
import { useStage } from './ring/useStage'

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
const { data: knowhow } = useKnowhowHere(
  () => call.value?.machine.kind,
  () => call.value?.head.revision,
  () => call.value?.family,
)
/** Its customer may have been erased while it is looked at. */
const gone = computed(() => failureReason.value?.kind === 'not-found')

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
const actions = useCallActions(
  toRef(props, 'id'),
  useForesight(
    call,
    step,
    computed(() => knowhow.value?.pack),
  ),
)
provideCall({ call: computed(() => call.value!), pack, codes, actions, stage, step })

const { request, release } = useWakeLock()
/** The screen stays awake while a call is worked on, where the device allows it. */
watch(
  () => !!call.value && !call.value.head.closing,
  (open) => void (open ? request('screen') : release()).catch(() => undefined),
  { immediate: true },
)
onUnmounted(() => void release().catch(() => undefined))

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

const aside = ref<HTMLElement>()
/** What comes next is read from its top, and aloud where the screen is read aloud: what was tapped is gone. */
watch(
  () => call.value && [stage.shown.value, step.value && stepKey(step.value)].join(),
  (_, before) => {
    if (before === undefined) return
    window.scrollTo({ top: 0 })
    const at = document.activeElement
    if (at === document.body || aside.value?.contains(at)) {
      aside.value?.querySelector<HTMLElement>('h2')?.focus({ preventScroll: true })
    }
  },
  { flush: 'post' },
)
</script>

<template>
  <Notice
    v-if="(!call || gone) && failureReason instanceof Problem"
    :problem="failureReason"
    class="m-4"
    @again="refetch()"
    @dismiss="refetch()"
  />
  <template v-if="call && knowhow && !gone">
    <CallHeader />
    <ConflictNotice v-if="actions.problem.value?.theirs" />
    <Notice
      v-else-if="actions.problem.value"
      :problem="actions.problem.value"
      class="low:static sticky top-0 z-10"
      @again="actions.again()"
      @dismiss="actions.dismiss()"
    />
    <main :aria-busy="actions.waits.value" class="desk:grid-cols-[15.5rem_minmax(0,1fr)_22rem] grid flex-1">
      <section class="border-line desk:border-r desk:p-4 px-3 pt-2" aria-label="The ring of this call">
        <RingDial v-if="wide" />
        <RingStrip v-else />
        <RingGaps :folded="!wide && panel === NextStep" />
        <JustEntered />
        <Later v-if="wide"><AboutVisit class="mt-3" /></Later>
      </section>
      <aside
        id="next-step"
        ref="aside"
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
      <Later>
        <Overview
          class="desk:order-2 desk:px-5 px-3 py-4"
          @choose="choose"
          @choose-task="chosenTask = $event"
          @touch="station = $event"
        >
          <AboutVisit v-if="!wide" class="mt-5" />
        </Overview>
      </Later>
    </main>
    <KeysSheet />
    <StationSheet :station="station" @close="station = undefined" @choose="choose" />
  </template>
</template>
