<script setup lang="ts">
import { computed } from 'vue'
import type { Session, StockedPart } from '../api/types'
import { money } from '../ui/text/format'

const props = defineProps<{ stocked: StockedPart; session: Session }>()
defineEmits<{ choose: [] }>()
const part = computed(() => props.stocked.part)
const onOwn = computed(
  () => props.stocked.vans.find(({ account }) => account === props.session.id)?.count ?? 0,
)
const elsewhere = computed(() =>
  props.stocked.vans
    .filter(({ account, count }) => account !== props.session.id && count > 0)
    .reduce((sum, { count }) => sum + count, 0),
)
</script>

<template>
  <li class="border-line border-b">
    <button
      type="button"
      class="grid min-h-14 w-full grid-cols-[1fr_auto] items-center gap-x-4 py-2 text-left leading-tight"
      @click="$emit('choose')"
    >
      <span class="font-semibold">
        {{ part.name }}
        <span v-if="stocked.proposed" class="bg-warn-pale rounded px-1.5 text-sm">proposed on a call</span>
      </span>
      <span class="text-right font-mono text-sm">{{ money(part.price, session.currency) }}</span>
      <span class="text-soft text-sm">
        <span class="font-mono">{{ part.number }}</span><template v-if="part.maker"
          >, {{ part.maker }}</template
        ><template v-if="part.place">, {{ part.place }}</template>
      </span>
      <span class="text-right text-sm font-semibold" :class="onOwn > 0 ? 'text-clean' : 'text-act'">
        {{ onOwn < 0 ? 'recount' : onOwn ? `${onOwn} on your van` : 'not on your van'
        }}<span v-if="elsewhere" class="text-soft font-normal">, {{ elsewhere }} elsewhere</span>
      </span>
    </button>
  </li>
</template>
