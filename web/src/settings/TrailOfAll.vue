<script setup lang="ts">
import { computed, ref } from 'vue'
import { useColleagues, useTrailOfAll } from '../api/queries'
import { clock, otherDay } from '../ui/text/clocks'
import Notice from '../ui/Notice.vue'
import Sheet from '../ui/Sheet.vue'
import { done, subject } from './operations'

const open = ref(false)
const person = ref('')
const { data: people } = useColleagues()
const {
  data,
  error: problem,
  fetchNextPage,
  hasNextPage,
  isFetchingNextPage,
  refetch,
} = useTrailOfAll(person, () => open.value)
const trail = computed(() => data.value?.pages.flat())
</script>

<template>
  <section class="bg-sheet border-line max-w-2xl rounded-xl border p-4" aria-labelledby="trail-title">
    <h2 id="trail-title" class="text-lg leading-tight">Activity log</h2>
    <p class="text-soft text-[0.95rem]">
      Every change of a call, every sign-in, what was refused, and what was brought in or given out.
    </p>
    <button type="button" class="btn mt-3" @click="open = true">Look at it</button>
    <Sheet v-model="open" title="Activity log" wide>
      <label class="flex flex-wrap items-center gap-x-3">
        <span class="font-semibold">Of</span>
        <select v-model="person" class="field w-auto">
          <option value="">everybody</option>
          <option v-for="one in people" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select>
      </label>
      <Notice v-if="problem" :problem="problem" class="mt-3" @again="refetch()" @dismiss="open = false" />
      <p v-else-if="!trail" role="status" class="mt-3">Reading it …</p>
      <p v-else-if="!trail.length" class="mt-3">Nothing yet.</p>
      <ol v-else class="mt-2">
        <li
          v-for="(one, i) in trail"
          :key="i"
          class="border-line grid grid-cols-[5.5rem_1fr] gap-x-3 border-b border-dashed py-2 leading-tight"
        >
          <span class="text-soft font-mono text-sm">{{ otherDay(one.at) }} {{ clock(one.at) }}</span>
          <span>
            <span :class="{ 'line-through': !one.taken }"
              >{{ done(one)
              }}<template v-if="one.call"
                >:
                <RouterLink :to="`/calls/${one.call}`" class="underline">{{
                  one.customer
                }}</RouterLink></template
              ><template v-else-if="subject(one)"
                >: <b>{{ subject(one) }}</b></template
              ></span
            >
            <span v-if="!one.taken" class="text-act text-sm font-semibold"> refused</span>
            <span class="text-soft block text-sm"
              >{{ one.by ?? 'Somebody unknown'
              }}<template v-if="one.device">, {{ one.device.toLowerCase() }}</template
              ><template v-if="one.address">, from {{ one.address }}</template
              ><template v-if="one.returned">, given back after a backup was restored</template></span
            >
          </span>
        </li>
      </ol>
      <button
        v-if="hasNextPage"
        type="button"
        class="btn mt-3"
        :disabled="isFetchingNextPage"
        @click="fetchNextPage()"
      >
        {{ isFetchingNextPage ? 'Reading it …' : 'Earlier' }}
      </button>
    </Sheet>
  </section>
</template>
