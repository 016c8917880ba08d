<script setup lang="ts">
import { computed } from 'vue'
import { useSession } from '../api/queries'
import { clock, money } from '../ui/format'
import { useCallContext } from './context'
import { byId } from '../judgement/byId'
import { findingText } from '../judgement/wording'

const { call, pack, codes, actions } = useCallContext()
const { data: session } = useSession()
const lines = computed(() =>
  [
    ...call.value.entries.map((entry) => ({
      id: entry.id,
      at: entry.at,
      ...findingText(entry, pack.value, codes.value),
      undo: () => actions.takeBack(entry),
    })),
    ...call.value.cautionsKept.map((kept) => ({
      id: kept.caution,
      at: kept.at,
      what: byId(pack.value.cautions, kept.caution)?.title ?? kept.caution,
      result: 'taken care of',
      undo: () => actions.takeBackCaution(kept.caution),
    })),
    ...call.value.partUses.map((use) => ({
      id: use.id,
      at: use.at,
      what: `${use.used} × ${use.number} ${use.name}`,
      result: session.value ? money(use.total, session.value.currency) : '',
      undo: () => actions.putBack(use.id),
    })),
  ].sort((a, b) => a.at.localeCompare(b.at)),
)
</script>

<template>
  <section aria-labelledby="story-title">
    <h2 id="story-title" class="text-lg">So far</h2>
    <ol>
      <li
        v-for="line in lines"
        :key="line.id"
        class="border-line grid grid-cols-[3.4rem_1fr_auto] items-center gap-x-2 border-b border-dashed"
      >
        <time :datetime="line.at" class="text-soft font-mono text-xs">{{ clock(line.at) }}</time>
        <span class="py-1 leading-tight">
          {{ line.what
          }}<template v-if="line.result"
            >: <b class="font-semibold">{{ line.result }}</b></template
          >
        </span>
        <button
          v-if="!call.closedAt"
          type="button"
          class="btn btn-quiet px-2 text-sm"
          :aria-label="`Undo: ${line.what}`"
          :disabled="actions.busy.value"
          @click="line.undo"
        >
          undo
        </button>
      </li>
    </ol>
    <p v-if="!lines.length" class="text-soft py-1">Nothing yet.</p>
  </section>
</template>
