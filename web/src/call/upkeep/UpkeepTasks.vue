<script setup lang="ts">
import { computed } from 'vue'
import { byId } from '../../judgement/byId'
import { minutes } from '../../ui/text/format'
import { useCallContext } from '../context'
import { dateText, useUpkeep } from './useUpkeep'

const emit = defineEmits<{ choose: [remedy: string] }>()
const { call, pack, stage } = useCallContext()
const { tasks, due, next } = useUpkeep()
const later = computed(() => tasks.value.filter((task) => !task.due))
const groups = computed(() =>
  [
    { title: 'To do on this visit, from outside in', tasks: due.value },
    { title: 'Not due yet', tasks: later.value },
  ].filter((group) => group.tasks.length),
)
const remedyName = (id: string) => byId(pack.value.remedies, id)!.name
const layerName = (id?: string) => byId(call.value.open.layers, id)?.name

function choose(remedy: string) {
  emit('choose', remedy)
  if (stage.shown.value !== 'CLEAN') stage.show('CLEAN')
}
</script>

<template>
  <section v-for="group in groups" :key="group.title" class="mb-4" :aria-label="group.title">
    <h2 class="text-lg">{{ group.title }}</h2>
    <ol class="border-line border-t">
      <li v-for="task in group.tasks" :key="task.remedy" class="border-line border-b">
        <button
          type="button"
          class="hover:bg-paper grid w-full grid-cols-[2rem_1fr_auto] items-baseline gap-x-2 py-2 text-left"
          :aria-current="task === next ? 'step' : undefined"
          @click="choose(task.remedy)"
        >
          <b aria-hidden="true" :class="task.done ? 'text-clean' : 'text-act'">{{
            task.done ? '✓' : task === next ? '▸' : ''
          }}</b>
          <span>
            <span class="font-head block text-lg leading-tight font-bold" :class="{ 'text-soft': task.done }">
              {{ remedyName(task.remedy) }}<span v-if="task.done" class="sr-only">, done</span>
            </span>
            <span class="text-soft block text-sm">
              <template v-if="layerName(task.layer)">{{ layerName(task.layer) }} · </template
              >{{ dateText(task) }}
            </span>
          </span>
          <span class="font-mono text-sm whitespace-nowrap">{{ minutes(task.minutes) }}</span>
        </button>
      </li>
    </ol>
  </section>
  <p v-if="!tasks.length">The know-how names no upkeep for this machine as it is fitted.</p>
  <details v-if="call.upkeep?.tools.length" class="mb-4">
    <summary class="cursor-pointer py-2 font-semibold">
      What to have with you, {{ call.upkeep.tools.length }} things
    </summary>
    <p>{{ call.upkeep.tools.join(', ') }}.</p>
  </details>
</template>
