<script setup lang="ts">
import { computed } from 'vue'
import type { Check, Knowhow, Pack, Remedy } from '../../api/types'
import { byId } from '../../judgement/byId'
import CautionNote from '../../ui/CautionNote.vue'
import { hours, minutes } from '../../ui/text/format'
import Method from '../../ui/Method.vue'
import ChangeLink from '../draft/ChangeLink.vue'
import { needsText } from '../needs'
import { useWhoSays } from '../numbers/numbers'

const props = defineProps<{ pack: Pack; tools: Knowhow['tools']; method: Check | Remedy }>()
const remedy = computed(() => ('cures' in props.method ? props.method : undefined))
const allTools = computed(
  () => (remedy.value ? props.tools.remedies : props.tools.checks)[props.method.id] ?? [],
)
const layer = computed(() => byId(props.pack.layers, props.method.layer)?.name)
const parts = computed(() => remedy.value?.parts.map((part) => byId(props.pack.parts, part)?.name).join(', '))
const whoSays = useWhoSays(() => props.pack)
const says = computed(() => whoSays(`${remedy.value ? 'remedies' : 'checks'}/${props.method.id}/minutes`))
const proof = computed(() => byId(props.pack.proofs, remedy.value?.proof)?.name)
</script>

<template>
  <section class="bg-sheet border-line grid content-start gap-2 rounded-lg border p-3">
    <h4 class="font-head leading-tight font-bold">{{ method.name }}</h4>
    <slot />
    <p class="text-soft text-sm">
      {{ minutes(method.minutes) }}{{ says }}<template v-if="layer">, open: {{ layer }}</template
      ><template v-if="allTools.length">. Tools: {{ allTools.join(', ') }}</template
      ><template v-if="parts">. Parts: {{ parts }}</template
      ><template v-if="remedy?.dryMinutes">. Dries {{ hours(remedy.dryMinutes) }}</template
      ><template v-if="proof">. Then prove: {{ proof }}</template
      ><template v-if="method.needs.length">. Only where {{ needsText(method.needs, pack) }}</template
      >.
    </p>
    <CautionNote v-for="caution in method.cautions" :key="caution" :pack="pack" :caution="caution" />
    <Method class="text-[0.95rem]" :steps="method.steps" />
    <ChangeLink :kind="pack.id" :section="remedy ? 'remedies' : 'checks'" :piece="method" />
  </section>
</template>
