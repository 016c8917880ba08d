<script setup lang="ts">
import { computed, ref } from 'vue'
import { useSession } from '../api/queries'
import type { Remedy } from '../api/types'
import { useDraft } from '../ui/drafts'
import { money } from '../ui/format'
import { byId } from '../judgement/byId'
import { useCallContext } from './context'

const props = defineProps<{ remedy: Remedy; part: string }>()
const { call, pack, actions } = useCallContext()
const { data: session } = useSession()

const fitting = computed(() => call.value.vanParts.filter((part) => part.fits === props.part))
const counted = computed(() =>
  call.value.partUses.filter((use) => use.remedy === props.remedy.id && use.fits === props.part),
)
const chosenId = ref<string>()
const chosen = computed(
  () =>
    fitting.value.find((part) => part.id === chosenId.value) ??
    fitting.value.find((p) => p.onVan) ??
    fitting.value[0],
)
const count = useDraft(`count:${call.value.id}:${props.remedy.id}:${props.part}`, 1)

async function take() {
  if (chosen.value && (await actions.usePart(props.remedy.id, chosen.value.id, count.value))) count.value = 1
}
</script>

<template>
  <section class="border-line grid gap-2 rounded-lg border-2 p-3" :aria-labelledby="`part-${part}`">
    <h3 :id="`part-${part}`" class="text-lg leading-tight">
      {{ byId(pack.parts, part)?.name }} from the van
    </h3>
    <p v-for="use in counted" :key="use.id" class="text-clean font-semibold">
      ✓ {{ use.used }} × {{ use.number }}, {{ money(use.total, session!.currency) }}
    </p>
    <p v-if="!fitting.length">
      The catalogue has none for a {{ call.machine.maker }}. Order one, and close with the reason.
    </p>
    <template v-else>
      <label v-for="piece in fitting" :key="piece.id" class="flex min-h-12 items-center gap-3 leading-tight">
        <input
          type="radio"
          :name="`part-${part}`"
          class="accent-rubber size-6 shrink-0"
          :checked="piece.id === chosen?.id"
          @change="chosenId = piece.id"
        />
        <span class="flex-1">
          <span class="font-mono text-sm font-semibold">{{ piece.number }}</span> {{ piece.name }}
          <span class="block text-sm" :class="piece.onVan ? 'text-soft' : 'text-act font-semibold'">
            {{ money(piece.price, session!.currency) }} ·
            {{ piece.onVan ? `${piece.onVan} on the van` : 'none on the van' }}
          </span>
        </span>
      </label>
      <form class="flex gap-2" novalidate @submit.prevent="take">
        <button
          type="button"
          class="btn w-12 px-0 text-xl"
          aria-label="One less"
          @click="count = Math.max(1, count - 1)"
        >
          −
        </button>
        <label class="w-16">
          <span class="sr-only">How many</span>
          <input
            v-model.number="count"
            type="number"
            min="1"
            inputmode="numeric"
            class="field text-center font-mono"
          />
        </label>
        <button type="button" class="btn w-12 px-0 text-xl" aria-label="One more" @click="count++">+</button>
        <button class="btn flex-1" :disabled="actions.busy.value">
          Take {{ counted.length ? 'more' : 'it' }}
        </button>
      </form>
    </template>
  </section>
</template>
