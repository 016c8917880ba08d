<script setup lang="ts">
import { useEarlierCalls } from '../api/queries'
import { dayName } from '../ui/text/format'

const props = defineProps<{ machine: string }>()
/** Id of the call since which the machine has failed again. */
const follows = defineModel<string>()
const { data: earlier } = useEarlierCalls(() => props.machine)
</script>

<template>
  <fieldset v-if="earlier?.length" class="border-line mt-2 border-t pt-1">
    <legend class="sr-only">Has it failed again?</legend>
    <label class="flex min-h-12 items-center gap-3 leading-tight">
      <input
        type="radio"
        name="follows"
        class="accent-act size-6 shrink-0"
        :checked="!follows"
        @change="follows = undefined"
      />
      Nothing to do with an earlier call
    </label>
    <label v-for="call in earlier" :key="call.callId" class="flex min-h-12 items-center gap-3 leading-tight">
      <input
        type="radio"
        name="follows"
        class="accent-act size-6 shrink-0"
        :checked="follows === call.callId"
        @change="follows = call.callId"
      />
      Failed again since {{ dayName(call.day) }}: {{ call.complaint }}
    </label>
  </fieldset>
</template>
