<script setup lang="ts">
import { computed } from 'vue'
import type { Laid } from '../../api/types'
import { byId } from '../../judgement/byId'
import { remedyOf } from '../../judgement/finding'
import Chips from '../../ui/field/Chips.vue'
import { useDraft } from '../../ui/kept/drafts'
import { useCallContext } from '../context'

const HOURS = { '1': '1 h', '3': '3 h', '12': '12 h', '24': '24 h', '48': '2 days' }
const MILLISECONDS = 3_600_000

const props = defineProps<{ piece: Laid }>()
const emit = defineEmits<{ place: [change: Partial<Laid>] }>()
const { call, pack, actions } = useCallContext()
const reason = useDraft(`left-out:${props.piece.id}`, '')
/** How long what was washed has to dry, by the methods used here. */
const usual = computed(() =>
  Math.max(
    0,
    ...call.value.story.map(({ finding }) => byId(pack.value.remedies, remedyOf(finding))?.dryMinutes ?? 0),
  ),
)
const dry = (hours?: string) =>
  hours && emit('place', { place: 'TRAY', dryUntil: Date.now() + Number(hours) * MILLISECONDS })
</script>

<template>
  <div class="border-line grid gap-2 border-t border-dashed pt-2">
    <Chips
      :label="`It has to dry${usual ? `, by its method ${Math.round(usual / 60)} h` : ''}`"
      :options="HOURS"
      @update:model-value="dry"
    />
    <form class="grid gap-2" @submit.prevent="emit('place', { place: 'LEFT_OUT', reason: reason.trim() })">
      <label class="block">
        <span class="mb-1 block text-[0.95rem] font-semibold">It stays out on purpose, because</span>
        <input
          v-model="reason"
          class="field"
          required
          maxlength="200"
          placeholder="worn out, new one ordered"
        />
      </label>
      <button class="btn" :disabled="actions.busy.value || !reason.trim()">Leave it out</button>
    </form>
  </div>
</template>
