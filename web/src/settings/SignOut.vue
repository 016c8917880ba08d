<script setup lang="ts">
import { computed, ref } from 'vue'
import { signOut } from '../api/client'
import { forgetAndBeginAnew } from '../store/forget'
import { read, refused, waiting } from '../store/outgoing/outbox'
import Sheet from '../ui/Sheet.vue'

/** Whether it is asked first, as something waits that would be lost. */
const asksFirst = ref(false)
const unsent = computed(() => waiting.value.length + refused.value.length)

async function askOrLeave() {
  const lost = await read().catch(() => [])
  if (lost.length) asksFirst.value = true
  else await leave()
}

async function leave() {
  await signOut()
  await forgetAndBeginAnew()
}
</script>

<template>
  <button type="button" class="btn whitespace-nowrap" @click="askOrLeave">Sign out</button>
  <Sheet v-model="asksFirst" title="Not all of it has gone out">
    <p>
      {{ unsent === 1 ? 'One entry is' : `${unsent} entries are` }} only on this device yet. Whoever signs out
      here takes them away for good: wait until there is signal.
    </p>
    <div class="mt-4 flex flex-wrap gap-2">
      <button type="button" class="btn btn-act" @click="asksFirst = false">Stay signed in</button>
      <button type="button" class="btn" @click="leave">Sign out, and lose them</button>
    </div>
  </Sheet>
</template>
