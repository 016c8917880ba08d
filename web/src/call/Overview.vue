<script setup lang="ts">
import { computed } from 'vue'
import Bore from '../judgement/Bore.vue'
import MindChangers from '../judgement/MindChangers.vue'
import Misfits from '../judgement/Misfits.vue'
import Ranking from '../judgement/Ranking.vue'
import { byTrouble } from '../judgement/paths'
import { isCured } from '../judgement/finding'
import { shortText } from '../judgement/wording'
import CallFindings from './story/CallFindings.vue'
import { useCallContext } from './context'
import Notes from './story/Notes.vue'
import Story from './story/Story.vue'
import UpkeepTasks from './upkeep/UpkeepTasks.vue'

const emit = defineEmits<{ choose: [key: string]; chooseTask: [remedy: string]; touch: [station: string] }>()
const { call, pack, codes, stage } = useCallContext()

const findings = computed(() =>
  call.value.story.map((entry) =>
    shortText(entry.finding, pack.value, codes.value, call.value.find.readings[entry.id]?.says),
  ),
)
/** What is drawn stays what was concluded before the cure. */
const cured = computed(() => isCured(call.value))
</script>

<template>
  <div class="min-w-0">
    <UpkeepTasks v-if="call.upkeep" @choose="emit('chooseTask', $event)" />
    <template v-else>
      <div class="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 class="text-lg">{{ cured ? 'Where it was blocked' : 'Where it may be blocked' }}</h2>
        <p class="text-soft text-sm">{{ cured ? 'Before the repair' : 'Wide means probably clear' }}</p>
      </div>
      <div class="desk:block grid grid-cols-2 gap-3">
        <Bore
          v-for="{ path, slim } in byTrouble(call.assessment)"
          :key="path.path"
          :pack="pack"
          :path="path"
          :slim="slim"
          :openings="call.find.openings"
          :flows="call.find.flows"
          @touch="emit('touch', $event)"
        />
      </div>
    </template>
    <div class="mt-4 grid gap-x-6 gap-y-5 md:grid-cols-2">
      <div v-if="!call.upkeep">
        <Misfits :assessment="call.assessment" :findings="findings" />
        <Ranking
          :pack="pack"
          :assessment="call.assessment"
          :findings="findings"
          :title="call.assessment.plan.next ? 'Most likely' : 'What it was'"
        />
        <MindChangers
          v-if="call.story.length && !call.head.closing"
          class="mt-2"
          :pack="pack"
          :assessment="call.assessment"
          @choose="emit('choose', $event)"
        />
      </div>
      <div>
        <Story />
        <Notes />
        <CallFindings
          v-if="!call.upkeep && call.story.length && !call.head.closing && stage.shown.value !== 'CALL'"
          class="mt-3"
        />
      </div>
    </div>
    <slot />
  </div>
</template>
