<script setup lang="ts">
import { useOpenCalls } from '../api/queries'
import { dayName } from '../ui/text/format'

/** Whoever calls again may mean a call that is on file already. */
const props = defineProps<{ customer: string }>()
const { data: calls } = useOpenCalls(() => props.customer)
</script>

<template>
  <div v-if="calls?.length" class="border-warn bg-warn-pale mt-2 border-l-8 px-3 py-2" role="status">
    <p class="font-semibold">Still open here:</p>
    <RouterLink
      v-for="call in calls"
      :key="call.callId"
      :to="`/calls/${call.callId}`"
      class="flex min-h-12 items-center leading-tight underline decoration-dotted underline-offset-4"
    >
      {{ dayName(call.day) }}, {{ call.machine }}: {{ call.complaint }}
    </RouterLink>
  </div>
</template>
