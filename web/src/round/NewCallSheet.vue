<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useKinds, useKnowhow } from '../api/queries'
import Notice from '../ui/Notice.vue'
import Sheet from '../ui/Sheet.vue'
import TextField from '../ui/TextField.vue'
import HomeSearch from './HomeSearch.vue'
import { useNewCall } from './useNewCall'

const props = defineProps<{ day: string }>()
const open = defineModel<boolean>({ required: true })
const router = useRouter()
const { draft, knownHome, problem, busy, chooseHome, otherHome, clear, add } = useNewCall(toRef(props, 'day'))
const { data: knowhow } = useKnowhow(() => draft.value.machine.kind)

const { data: kinds } = useKinds()

const fields = computed(() => problem.value?.fields ?? {})
/** A kind just chosen, whose usual features are still to be ticked. */
const chosenKind = ref<string>()
function chooseKind(kind: string) {
  draft.value.machine.kind = kind
  draft.value.machine.features = []
  chosenKind.value = kind
}
watch(knowhow, (known) => {
  if (known && known.pack.id === chosenKind.value) {
    draft.value.machine.features = known.pack.features.filter((f) => f.usual).map((f) => f.id)
    chosenKind.value = undefined
  }
})

const knownMachine = computed(() => draft.value.machine.version > 0)

watch(open, (isOpen) => {
  if (isOpen && !draft.value.complaint) draft.value.day = props.day
})

async function submit() {
  const id = await add()
  if (id) {
    open.value = false
    await router.push(`/calls/${id}`)
  }
}
</script>

<template>
  <Sheet v-model="open" title="New call" wide>
    <form class="grid gap-4 sm:grid-cols-2" novalidate @submit.prevent="submit">
      <Notice
        v-if="problem"
        :problem="problem"
        class="sm:col-span-2"
        @again="submit"
        @dismiss="problem = undefined"
      />
      <TextField
        v-model="draft.complaint"
        label="Complaint, in the customer's words"
        class="sm:col-span-2"
        :error="fields.complaint"
        maxlength="500"
      />
      <TextField v-model="draft.day" label="Day" type="date" :error="fields.day" />
      <TextField v-model="draft.plannedAt" label="Time" type="time" :error="fields.plannedAt" />

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
          <button type="button" class="btn btn-quiet -ml-4" @click="otherHome">Another customer</button>
        </div>
      </fieldset>

      <fieldset class="grid content-start gap-3">
        <legend class="font-head mb-1 text-lg font-bold">Machine</legend>
        <div v-if="knownMachine" class="border-line rounded-lg border-2 p-3">
          <p class="font-semibold">
            {{ knowhow?.pack.name }}, {{ draft.machine.maker }} {{ draft.machine.model }}
          </p>
          <p class="font-mono text-sm">{{ draft.machine.serial }}</p>
          <p>{{ draft.machine.place }}</p>
        </div>
        <template v-else>
          <div class="grid grid-cols-2 gap-x-3" role="radiogroup" aria-label="Kind of machine">
            <label
              v-for="kind in kinds"
              :key="kind.id"
              class="flex min-h-12 items-center gap-3 leading-tight"
            >
              <input
                type="radio"
                name="kind"
                class="accent-rubber size-6 shrink-0"
                :checked="kind.id === draft.machine.kind"
                @change="chooseKind(kind.id)"
              />
              {{ kind.name }}
            </label>
          </div>
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
          <TextField v-model="draft.machine.place" label="Where it stands" />
          <div>
            <p class="font-semibold">Fitted</p>
            <label
              v-for="feature in knowhow?.pack.features"
              :key="feature.id"
              class="flex min-h-12 items-center gap-3"
            >
              <input
                v-model="draft.machine.features"
                type="checkbox"
                :value="feature.id"
                class="accent-rubber size-6"
              />
              {{ feature.name }}
            </label>
          </div>
        </template>
      </fieldset>

      <div class="flex flex-wrap justify-between gap-2 sm:col-span-2">
        <button type="button" class="btn btn-quiet" @click="clear">Clear</button>
        <button class="btn btn-act" :disabled="busy">Put on the round</button>
      </div>
    </form>
  </Sheet>
</template>
