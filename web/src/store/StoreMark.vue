<script setup lang="ts">
import { useNow } from '@vueuse/core'
import { computed, ref } from 'vue'
import { away } from '../api/client'
import { useSession } from '../api/queries'
import { clock } from '../ui/text/clocks'
import { heightAs } from '../ui/heightAs'
import NotTaken from './NotTaken.vue'
import { refused, waiting } from './outgoing/outbox'
import { doneAt, keepsNothing } from './storage'

const { data: session } = useSession()

/** What goes out at once is not worth a word. */
const SOON_MS = 1_500
const now = useNow({ interval: 500 })
const mine = computed(() => waiting.value.filter((one) => one.account === session.value?.id))
const returned = computed(() => mine.value.filter((one) => one.returned).length)
const first = computed(() => mine.value[0] && doneAt(mine.value[0]))
const long = computed(() => first.value !== undefined && now.value.getTime() - first.value > SOON_MS)
/** Of people who have to sign in here before it goes out. */
const others = computed(() => waiting.value.filter((one) => one.account !== session.value?.id).length)
const ROOM = {
  'no means':
    'This browser keeps nothing, as in a private window: what you do goes through with signal only.',
  'no room':
    'There is no room on this device: until there is some, what you do goes through with signal only.',
}
const looking = ref(false)
const mark = ref<HTMLElement>()
heightAs('--store-mark', mark)
</script>

<template>
  <div
    v-if="away || long || returned || keepsNothing || refused.length || others"
    ref="mark"
    class="bg-warn-pale border-line no-print low:static sticky bottom-14 z-10 flex flex-wrap items-center gap-x-3 border-t px-3 text-[0.95rem]"
  >
    <p v-if="away || long || returned" role="status" class="py-2">
      <template v-if="away">No signal: what you do is kept here. </template>
      <template v-if="returned">
        The server was restored from a backup: what it lacks is given back from this device, {{ returned }}
        {{ returned === 1 ? 'entry' : 'entries' }}.
      </template>
      <template v-else-if="long">
        {{ mine.length === 1 ? 'One entry waits' : `${mine.length} entries wait` }} on this device since
        {{ clock(first!) }}; they will be sent automatically.
      </template>
    </p>
    <p v-if="keepsNothing" class="py-2">{{ ROOM[keepsNothing] }}</p>
    <p v-if="others" class="py-2">
      {{ others }} of a colleague’s on this device: they go out once whoever entered them signs in here.
    </p>
    <button v-if="refused.length" type="button" class="btn btn-quiet text-act" @click="looking = true">
      {{ refused.length }} {{ refused.length === 1 ? 'entry' : 'entries' }} not accepted: view
    </button>
  </div>
  <NotTaken v-model="looking" />
</template>
