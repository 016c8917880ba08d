<script setup lang="ts">
import { computed } from 'vue'
import { useSession } from '../../api/queries'
import type { PartUse } from '../../api/types'
import Chips from '../../ui/field/Chips.vue'
import TextField from '../../ui/field/TextField.vue'
import { useDraft } from '../../ui/kept/drafts'
import { money } from '../../ui/text/format'
import { useCallContext } from '../context'
import { OLD_PART } from '../job'

/** @param serial whether the new part's serial number is kept */
const props = defineProps<{ use: PartUse; serial: boolean }>()
const { call, actions } = useCallContext()
const { data: session } = useSession()
const number = useDraft(`serial:${props.use.id}`, props.use.serial)
const old = computed({
  get: () => (props.use.oldPart === 'UNSAID' ? undefined : props.use.oldPart),
  set: (fate) => fate && void actions.describePart(props.use, number.value, fate),
})
/** Parts that somebody brought along by hand are not on the list. */
const listed = computed(() => call.value.shelf.some(({ id }) => id === props.use.partId))
/** It came with an order, and was counted onto the van: taken from there, its count follows. */
async function fromVan() {
  const { remedy, partId, used, id } = props.use
  if (await actions.usePart(remedy, partId, used, 'VAN')) await actions.putBack(id)
}
</script>

<template>
  <div class="grid gap-2">
    <p class="text-clean font-semibold">
      ✓ {{ use.used }} × {{ use.number }}, {{ money(use.used * use.unitPrice, session!.currency)
      }}{{ use.source === 'ORDERED' ? ', ordered' : '' }}{{ use.serial ? `, serial ${use.serial}` : '' }}
    </p>
    <template v-if="!call.head.closing">
      <form
        v-if="serial"
        class="flex items-end gap-2"
        @submit.prevent="actions.describePart(use, number, use.oldPart)"
      >
        <TextField
          v-model="number"
          class="min-w-0 flex-1"
          label="Serial number of the new part"
          maxlength="60"
        />
        <button class="btn" :disabled="actions.busy.value">Save</button>
      </form>
      <button
        v-if="use.source === 'ORDERED' && listed"
        type="button"
        class="btn justify-self-start"
        :disabled="actions.busy.value"
        @click="fromVan"
      >
        It has come: fitted from your van
      </button>
      <Chips v-model="old" label="The old part" :options="OLD_PART" />
    </template>
  </div>
</template>
