<script setup lang="ts">
import { computed, ref, toRef, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useHomes, useKinds, useKnowhowHere, useOthers } from '../api/queries'
import PlatePhoto from '../customers/PlatePhoto.vue'
import { me } from '../store/held/held'
import type { Call } from '../api/types'
import Chips from '../ui/field/Chips.vue'
import FeatureChoice from '../ui/field/FeatureChoice.vue'
import Notice from '../ui/Notice.vue'
import Sheet from '../ui/Sheet.vue'
import TextField from '../ui/field/TextField.vue'
import HomeSearch from './HomeSearch.vue'
import FollowsEarlier from './FollowsEarlier.vue'
import HeardSoFar from './HeardSoFar.vue'
import StandsElsewhere from './StandsElsewhere.vue'
import StillOpen from './StillOpen.vue'
import { NOBODY } from '../ui/nobody'
import { useNewCall, type Start } from './useNewCall'

const props = defineProps<{
  day: string
  /** The call beside which it is made, on the same visit. */
  visit?: Call
  /** Whom and what it is about, where that is known. */
  start?: Start
}>()
const emit = defineEmits<{ added: [] }>()
const open = defineModel<boolean>({ required: true })
const router = useRouter()
const {
  draft,
  knownHome,
  forWhom,
  adding,
  written,
  chooseHome,
  otherHome,
  chooseMachine,
  otherMachine,
  clear,
} = useNewCall(toRef(props, 'day'), props.visit, props.start)
const { data: knowhow, isFetching } = useKnowhowHere(() => draft.value.machine.kind)

const { data: kinds } = useKinds()
const others = useOthers(() => me().account, open)

const REASONS = { fault: 'Something is wrong', upkeep: 'Upkeep' }
const reason = computed<keyof typeof REASONS>({
  get: () => (draft.value.upkeep ? 'upkeep' : 'fault'),
  set: (why) => (draft.value.upkeep = why === 'upkeep'),
})

const { error: problem, isPending: busy } = adding
const fields = computed(() => problem.value?.fields ?? {})
const form = useTemplateRef('form')
/** Whoever is told what is missing goes on typing there. */
watch(problem, () => form.value?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus(), {
  flush: 'post',
})
/** A kind just chosen, whose usual features are still to be ticked. */
const chosenKind = ref<string>()
function chooseKind(kind: string) {
  draft.value.machine.kind = kind
  draft.value.machine.features = []
  chosenKind.value = kind
}
/** Without them, whatever they carry would be missing from the diagnosis. */
const stillToTick = computed(() => !!chosenKind.value && isFetching.value)
watch(
  () => draft.value.machine.id,
  () => {
    const { version, features, kind } = draft.value.machine
    if (!version && !features.length) chosenKind.value = kind
  },
  { immediate: true },
)
watch(
  [knowhow, chosenKind],
  ([known, chosen]) => {
    if (known && known.pack.id === chosen) {
      draft.value.machine.features = known.pack.features.filter((f) => f.usual).map((f) => f.id)
      chosenKind.value = undefined
    }
  },
  { immediate: true },
)

/** What a machine may have besides its kind of build; what is usual of it is ticked. */
const alsoFitted = computed(() => knowhow.value?.pack.features.filter(({ group }) => !group) ?? [])
const knownMachine = computed(() => draft.value.machine.version > 0)

/** What else is known to stand in the home. */
const customerHere = computed(
  () => (props.visit ?? props.start)?.customer ?? (knownHome.value ? draft.value.customer : undefined),
)
const { data: homes } = useHomes(() => (open.value && customerHere.value?.name) || '')
const homeHere = computed(() => homes.value?.find((one) => one.customer.id === customerHere.value?.id))
const machinesHere = computed(() =>
  (homeHere.value?.machines ?? []).filter((machine) => machine.id !== props.visit?.machine.id),
)

watch(open, (isOpen) => {
  if (isOpen && !draft.value.complaint) draft.value.day = props.day
})

function submit() {
  const command = written()
  adding.mutate(command, {
    onSuccess: async () => {
      emit('added')
      open.value = false
      await router.push(`/calls/${command.call}`)
    },
  })
}
</script>

<template>
  <Sheet v-model="open" :title="visit ? 'Another machine here' : 'New call'" wide>
    <form ref="form" class="grid gap-4 sm:grid-cols-2" novalidate @submit.prevent="submit">
      <Notice
        v-if="problem"
        :problem="problem"
        class="sm:col-span-2"
        @again="submit"
        @dismiss="adding.reset()"
      />
      <Chips v-model="reason" class="sm:col-span-2" label="What for" :options="REASONS" hide-label />
      <TextField
        v-model="draft.complaint"
        :label="
          draft.upkeep ? 'What they would like looked at, if anything' : `Complaint, in the customer's words`
        "
        class="sm:col-span-2"
        :error="fields.complaint"
        maxlength="500"
      />
      <HeardSoFar
        class="sm:col-span-2"
        :kind="draft.machine.kind"
        :features="draft.machine.features"
        :text="draft.complaint"
      />

      <fieldset class="grid content-start gap-3">
        <legend class="font-head mb-1 text-lg font-bold">Machine</legend>
        <div v-if="knownMachine" class="border-line rounded-lg border-2 p-3">
          <p class="font-semibold">
            {{ knowhow?.pack.name }}, {{ draft.machine.maker }} {{ draft.machine.model }}
          </p>
          <p class="font-mono text-sm">{{ draft.machine.serial }}</p>
          <p>{{ [draft.customer.elsewhere?.street, draft.machine.place].filter(Boolean).join(', ') }}</p>
          <button type="button" class="btn btn-quiet -ml-4" @click="otherMachine">Another machine</button>
          <FollowsEarlier v-model="draft.follows" :machine="draft.machine.id" />
        </div>

        <template v-else>
          <div v-if="machinesHere.length" class="flex flex-wrap gap-2" aria-label="Known machines here">
            <button
              v-for="machine in machinesHere"
              :key="machine.id"
              type="button"
              class="btn"
              @click="chooseMachine(machine, homeHere)"
            >
              {{ machine.maker }} {{ machine.model }}
            </button>
          </div>
          <div class="grid grid-cols-2 gap-x-3" role="radiogroup" aria-label="Kind of machine">
            <label
              v-for="kind in kinds"
              :key="kind.id"
              class="flex min-h-12 items-center gap-3 leading-tight"
            >
              <input
                type="radio"
                name="kind"
                class="accent-act size-6 shrink-0"
                :checked="kind.id === draft.machine.kind"
                @change="chooseKind(kind.id)"
              />
              {{ kind.name }}
            </label>
          </div>
          <FeatureChoice
            v-if="knowhow"
            v-model="draft.machine.features"
            :features="knowhow.pack.features.filter(({ group }) => group)"
          />
          <PlatePhoto
            :kind="draft.machine.kind"
            :now="draft.machine"
            @take="draft.machine = { ...draft.machine, ...$event }"
          />
          <TextField
            v-model="draft.machine.maker"
            label="Maker"
            :error="fields['machine.maker']"
            hint="On the plate inside the door"
          />
          <div class="grid grid-cols-2 gap-3">
            <TextField v-model="draft.machine.model" label="Model" />
            <TextField v-model="draft.machine.serial" label="Serial" />
          </div>
          <StandsElsewhere
            v-if="knownHome && !visit"
            v-model="draft.customer.elsewhere"
            :street="draft.customer.street"
            :addresses="homeHere?.addresses ?? []"
            :errors="fields"
          />
          <TextField v-model="draft.machine.place" label="Where it stands" hint="Kitchen, cellar, landing" />
          <details v-if="alsoFitted.length">
            <summary class="min-h-12 cursor-pointer py-3 font-semibold">Also fitted</summary>
            <FeatureChoice v-model="draft.machine.features" :features="alsoFitted" />
          </details>
        </template>
      </fieldset>

      <fieldset class="grid content-start gap-3">
        <legend class="font-head mb-1 text-lg font-bold">Customer</legend>
        <template v-if="!knownHome">
          <HomeSearch @choose="chooseHome" />
          <TextField v-model="draft.customer.name" label="Name" :error="fields['customer.name']" />
          <TextField
            v-model="draft.customer.street"
            label="Street, floor"
            :error="fields['customer.street']"
          />
          <TextField
            v-model="draft.customer.phone"
            label="Phone"
            type="tel"
            :error="fields['customer.phone']"
          />
        </template>
        <div v-else class="border-line rounded-lg border-2 p-3">
          <p class="font-semibold">{{ draft.customer.name }}</p>
          <p>{{ draft.customer.street }}</p>
          <p class="font-mono text-sm">{{ draft.customer.phone }}</p>
          <button v-if="!visit" type="button" class="btn btn-quiet -ml-4" @click="otherHome">
            Another customer
          </button>
          <StillOpen v-if="!visit" :customer="draft.customer.id" />
        </div>
      </fieldset>

      <fieldset class="grid content-start gap-3 sm:col-span-2">
        <legend class="font-head mb-1 text-lg font-bold">When</legend>
        <div class="grid grid-cols-2 gap-3 sm:grid-cols-4">
          <TextField v-model="draft.day" label="Day" type="date" :error="fields.day" />
          <TextField v-model="draft.plannedAt" label="Time" type="time" :error="fields.plannedAt" />
          <TextField
            v-model="draft.until"
            label="Promised until"
            type="time"
            hint="If a window was promised"
          />
          <label v-if="others.length" class="col-span-2 grid content-start gap-1 sm:col-span-1">
            <span class="font-semibold">For whom</span>
            <select v-model="forWhom" class="field">
              <option value="">Myself</option>
              <option :value="NOBODY">Nobody yet</option>
              <option v-for="one in others" :key="one.id" :value="one.id">{{ one.name }}</option>
            </select>
          </label>
        </div>
      </fieldset>

      <div class="flex flex-wrap justify-between gap-2 sm:col-span-2">
        <button type="button" class="btn btn-quiet" @click="clear">Clear</button>
        <button class="btn btn-act" :disabled="busy || stillToTick">Put on the round</button>
      </div>
    </form>
  </Sheet>
</template>
