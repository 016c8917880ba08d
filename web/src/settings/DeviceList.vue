<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answer, api } from '../api/client'
import { useDevices } from '../api/queries'
import { queryClient } from '../api/queryClient'
import type { Device } from '../api/types'
import { clock, otherDay } from '../ui/text/clocks'
import Notice from '../ui/Notice.vue'
import Sheet from '../ui/Sheet.vue'

/** @param all whether those of everybody are listed */
defineProps<{ all: boolean }>()
const { data: devices } = useDevices()
const asked = ref<Device>()
const open = ref(false)
const {
  mutate: lose,
  isPending,
  error: problem,
  reset,
} = useMutation({
  mutationFn: (id: string) => answer(() => api.POST('/api/devices/{id}/lost', { params: { path: { id } } })),
  onSuccess: (rest) => {
    queryClient.setQueryData(['devices'], rest)
    open.value = false
  },
})

function ask(device: Device) {
  reset()
  asked.value = device
  open.value = true
}

const at = (instant: number) => `${otherDay(instant)} ${clock(instant)}`.trim()
const state = ({ here, seenAt, lostAt, toldAt }: Device) =>
  toldAt
    ? `signed out, and emptied ${at(toldAt)}`
    : lostAt
      ? `signed out ${at(lostAt)}; is emptied when it is heard of`
      : here
        ? 'this one'
        : `last heard of ${at(seenAt)}`
</script>

<template>
  <section class="bg-sheet border-line rounded-xl border p-4" aria-labelledby="devices-title">
    <h2 id="devices-title" class="text-lg leading-tight">Signed-in devices</h2>
    <ul>
      <li
        v-for="device in devices"
        :key="device.id"
        class="border-line flex min-h-12 items-center justify-between gap-3 border-b border-dashed"
      >
        <span class="leading-tight">
          {{ device.name }}<template v-if="all">, {{ device.owner }}</template>
          <span class="text-soft text-sm"> · {{ state(device) }}</span>
        </span>
        <button
          v-if="!device.here && !device.lostAt"
          type="button"
          class="btn btn-quiet px-2 text-sm"
          :aria-label="`${device.name} of ${device.owner} is lost`"
          @click="ask(device)"
        >
          Lost device
        </button>
      </li>
    </ul>
    <Sheet v-model="open" title="Sign it out?">
      <template v-if="asked">
        <Notice v-if="problem" :problem="problem" @again="lose(asked.id)" @dismiss="reset()" />
        <p>
          The {{ asked.name.toLowerCase() }} of {{ asked.owner }} is signed out at once. What it keeps is
          removed the next time that it has signal and is opened; what was entered on it and has not gone out
          is lost.
        </p>
        <p class="mt-2">Whoever finds it signs in on it as before.</p>
        <div class="mt-4 flex flex-wrap gap-2">
          <button type="button" class="btn btn-act" :disabled="isPending" @click="lose(asked.id)">
            Sign it out
          </button>
          <button type="button" class="btn" @click="open = false">Leave it</button>
        </div>
      </template>
    </Sheet>
  </section>
</template>
