<script setup lang="ts">
import { computed } from 'vue'
import { Problem } from '../api/problem'
import { useCall, useGauges } from '../api/queries'
import Notice from '../ui/Notice.vue'
import { lastCall } from '../ui/kept/lastCall'
import GaugePage from './GaugePage.vue'

const props = defineProps<{ gauge?: string; call?: string }>()
const { data: gauges, failureReason, refetch } = useGauges(() => props.call)
const { data: ofCall } = useCall(
  () => props.call ?? '',
  () => !!props.call,
)

const groups = computed(() => {
  const names = [...new Set(gauges.value?.map((one) => one.group))]
  return names.map((name) => ({ name, gauges: gauges.value!.filter((one) => one.group === name) }))
})
const shown = computed(() => gauges.value?.find((one) => one.id === props.gauge))
const query = computed(() => (props.call ? { call: props.call } : {}))
</script>

<template>
  <main class="mx-auto w-full max-w-7xl flex-1 px-3 pb-10 sm:px-6">
    <p class="no-print flex flex-wrap items-center justify-between gap-x-6 pt-2">
      <RouterLink
        v-if="shown"
        :to="{ path: '/gauges', query }"
        class="flex min-h-12 items-center underline decoration-dotted underline-offset-4 lg:hidden"
        >← All gauges</RouterLink
      >
      <template v-if="call">
        <RouterLink
          :to="`/calls/${call}`"
          class="flex min-h-12 items-center underline decoration-dotted underline-offset-4"
          >For
          {{
            ofCall ? `${ofCall.customer.name}, ${ofCall.machine.maker} ${ofCall.machine.model}` : 'the call'
          }}
        </RouterLink>
        <RouterLink
          :to="{ path: `/gauges/${gauge ?? ''}` }"
          class="flex min-h-12 items-center underline decoration-dotted underline-offset-4"
          >For no machine</RouterLink
        >
      </template>
      <RouterLink
        v-else-if="lastCall"
        :to="{ path: `/gauges/${gauge ?? ''}`, query: { call: lastCall } }"
        class="ml-auto flex min-h-12 items-center underline decoration-dotted underline-offset-4"
        >Use the data of the call last looked at</RouterLink
      >
    </p>
    <Notice
      v-if="!gauges && failureReason instanceof Problem"
      :problem="failureReason"
      @again="refetch()"
      @dismiss="refetch()"
    />
    <div class="grid gap-6 lg:grid-cols-[15rem_minmax(0,1fr)]">
      <nav
        class="no-print lg:block"
        :class="shown ? 'hidden' : 'grid gap-x-6 gap-y-4 sm:grid-cols-2 lg:grid-cols-1'"
        aria-label="Gauges"
      >
        <h1 v-if="!shown" class="text-3xl sm:col-span-2 lg:hidden">Gauges</h1>
        <section v-for="group in groups" :key="group.name" class="lg:mb-3">
          <h2 class="label-read text-soft mt-2 mb-1">{{ group.name }}</h2>
          <ul>
            <li v-for="one in group.gauges" :key="one.id">
              <RouterLink
                :to="{ path: `/gauges/${one.id}`, query }"
                class="border-line flex min-h-12 items-center border-b border-dashed leading-tight"
                :class="one.id === gauge ? 'bg-rubber rounded-lg px-3 font-semibold text-white' : ''"
                :aria-current="one.id === gauge ? 'page' : undefined"
                >{{ one.name }}</RouterLink
              >
            </li>
          </ul>
        </section>
      </nav>
      <GaugePage v-if="shown" :key="`${shown.id}:${call}`" :gauge="shown" :call-id="call" />
      <div v-else-if="gauges" class="hidden lg:block">
        <h1 class="text-3xl">Gauges</h1>
        <p class="text-soft mt-1 max-w-prose">
          Whatever can be measured, turned into what it means. Choose one; what is entered stays on this
          device.
        </p>
      </div>
    </div>
  </main>
</template>
