<script setup lang="ts">
import { computed, ref } from 'vue'
import { useSession } from '../../api/queries'
import type { PartUse, Remedy } from '../../api/types'
import Stepper from '../../ui/field/Stepper.vue'
import { useDraft } from '../../ui/kept/drafts'
import { money } from '../../ui/text/format'
import { byId } from '../../judgement/byId'
import ScanButton from '../../shelf/ScanButton.vue'
import { scannedHere } from '../../store/held/scanned'
import { useCallContext } from '../context'
import OtherPart from './OtherPart.vue'
import PartUsed from './PartUsed.vue'
import Recount from './Recount.vue'

const props = defineProps<{ remedy: Remedy; part: string }>()
const { call, pack, actions } = useCallContext()
const { data: session } = useSession()

const fitting = computed(() => call.value.shelf.filter((part) => part.fits === props.part))
const counted = computed(() =>
  call.value.parts.filter((use) => use.remedy === props.remedy.id && use.fits === props.part),
)
const chosenId = ref<string>()
const chosen = computed(
  () =>
    fitting.value.find((part) => part.id === chosenId.value) ??
    fitting.value.find((p) => p.onVan > 0) ??
    fitting.value[0],
)
const count = useDraft(`count:${call.value.head.id}:${props.remedy.id}:${props.part}`, 1)

/** What was found where the part sits says that it is sound under its dirt. */
const onlyDirty = computed(() => call.value.cure.onlyDirty.includes(props.remedy.id))

/** What a packet turned out to be that is none of these. */
const other = ref('')
async function scanned(read: string) {
  const id = await scannedHere(call.value.head.id, read)
  const part = call.value.shelf.find((one) => one.id === id)
  if (part?.fits !== props.part) {
    other.value = part
      ? `This is ${part.number}, ${part.name}: it is not what goes in here.`
      : 'No part on the list for this machine has this barcode.'
    return
  }
  other.value = ''
  short.value = false
  chosenId.value = part.id
}

/** Whether more of it is wanted than is counted. */
const more = ref(false)

/** Whether more is to be taken from the van than it is said to hold. */
const short = ref(false)

async function take(source: PartUse['source']) {
  short.value = source === 'VAN' && !!chosen.value && count.value > chosen.value.onVan
  if (
    !short.value &&
    chosen.value &&
    (await actions.usePart(props.remedy.id, chosen.value.id, count.value, source))
  ) {
    count.value = 1
    more.value = false
  }
}
</script>

<template>
  <section class="border-line grid gap-2 rounded-lg border-2 p-3" :aria-labelledby="`part-${part}`">
    <h3 :id="`part-${part}`" class="text-lg leading-tight">
      {{ byId(pack.parts, part)?.name }}
    </h3>
    <PartUsed v-for="use in counted" :key="use.id" :use="use" :serial="!!byId(pack.parts, part)?.serial" />
    <p v-if="onlyDirty && !counted.length" class="border-warn bg-warn-pale border-l-8 px-3 py-2">
      <b>Found only dirty.</b> Clean it and prove it before a new part goes in.
    </p>
    <p v-if="!fitting.length && !counted.length">
      The list has none for a {{ call.machine.maker }}. Order one and close with the reason; or enter the one
      that went in.
    </p>
    <button
      v-else-if="counted.length && !more && !call.head.closing"
      type="button"
      class="btn btn-quiet"
      @click="more = true"
    >
      Another one
    </button>
    <template v-else-if="!call.head.closing">
      <label v-for="piece in fitting" :key="piece.id" class="flex min-h-12 items-center gap-3 leading-tight">
        <input
          type="radio"
          :name="`part-${part}`"
          class="accent-act size-6 shrink-0"
          :checked="piece.id === chosen?.id"
          @change="((chosenId = piece.id), (short = false))"
        />
        <span class="flex-1">
          <span class="font-mono text-sm font-semibold">{{ piece.number }}</span> {{ piece.name }}
          <span class="block text-sm" :class="piece.onVan > 0 ? 'text-soft' : 'text-act font-semibold'">
            {{ money(piece.price, session!.currency) }} ·
            {{
              piece.onVan > 0
                ? `${piece.onVan} on the van`
                : piece.onVan
                  ? 'more taken than the van had'
                  : 'none on the van'
            }}
          </span>
        </span>
      </label>
      <div class="flex flex-wrap"><ScanButton @read="scanned" /></div>
      <p v-if="other" class="text-act font-semibold" role="alert">{{ other }}</p>
      <Recount v-if="short && chosen" :part="chosen" :wanted="count" @counted="short = false" />
      <form class="grid gap-2" novalidate @submit.prevent="take('VAN')">
        <Stepper v-model="count" label="How many" hide-label :min="1" :max="99" />
        <div class="flex gap-2">
          <button class="btn flex-1 px-2" :disabled="actions.busy.value">Take it from the van</button>
          <button type="button" class="btn px-2" :disabled="actions.busy.value" @click="take('ORDERED')">
            Was ordered
          </button>
        </div>
      </form>
    </template>
    <OtherPart
      v-if="!call.head.closing && (!counted.length || more)"
      :remedy="remedy.id"
      :fits="part"
      :name="byId(pack.parts, part)?.name ?? ''"
      :currency="session!.currency"
      :open="!fitting.length"
    />
  </section>
</template>
