<script setup lang="ts">
import { computed, useTemplateRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { Problem } from '../api/problem'
import { useKinds, useKnowhow } from '../api/queries'
import Notice from '../ui/Notice.vue'
import KnowhowSearch from './KnowhowSearch.vue'

const props = defineProps<{ kind: string }>()
const { data: kinds } = useKinds()
const { data: knowhow, failureReason, refetch } = useKnowhow(() => props.kind)

const TABS = [
  { path: '', name: 'What if' },
  { path: '/faults', name: 'Faults' },
  { path: '/symptoms', name: 'Symptoms by fault' },
  { path: '/codes', name: 'Codes' },
  { path: '/models', name: 'Models' },
  { path: '/numbers', name: 'Sources' },
  { path: '/noted', name: 'Noted on calls' },
  { path: '/draft', name: 'Draft' },
  { path: '/versions', name: 'Versions' },
]
const route = useRoute()
const shown = computed(
  () => TABS.find((tab) => tab.path && route.path.includes(`/${props.kind}${tab.path}`))?.path ?? '',
)
/** On a phone not all tabs are in sight: the one that is shown is brought there. */
const tabs = useTemplateRef('tabs')
watch(
  [shown, tabs],
  () =>
    tabs.value
      ?.querySelector('[aria-current="page"]')
      ?.scrollIntoView({ inline: 'center', block: 'nearest' }),
  { flush: 'post' },
)
</script>

<template>
  <main class="mx-auto w-full max-w-7xl px-3 pb-10 sm:px-6">
    <header class="no-print flex flex-wrap items-start justify-between gap-x-6 gap-y-2 pt-4">
      <div>
        <h1 class="text-3xl leading-tight">{{ knowhow?.pack.name ?? 'Know-how' }}</h1>
        <nav class="flex flex-wrap gap-x-4" aria-label="Kinds of machine">
          <RouterLink
            v-for="one in kinds?.filter((k) => k.id !== kind)"
            :key="one.id"
            :to="`/know-how/${one.id}`"
            class="flex min-h-12 items-center underline decoration-dotted underline-offset-4"
            >{{ one.name }}</RouterLink
          >
        </nav>
      </div>
      <KnowhowSearch v-if="knowhow" :key="kind" class="w-full sm:w-96" :knowhow="knowhow" />
    </header>
    <nav
      ref="tabs"
      class="border-edge no-print mt-1 mb-4 flex overflow-x-auto border-b-2"
      aria-label="Parts of the know-how"
    >
      <RouterLink
        v-for="tab in TABS"
        :key="tab.path"
        :to="`/know-how/${kind}${tab.path}`"
        class="flex min-h-12 items-center px-3 whitespace-nowrap"
        :class="{ 'bg-rubber rounded-t-lg font-semibold text-white': tab.path === shown }"
        :aria-current="tab.path === shown ? 'page' : undefined"
        >{{ tab.name }}</RouterLink
      >
    </nav>
    <Notice
      v-if="!knowhow && failureReason instanceof Problem"
      :problem="failureReason"
      @again="refetch()"
      @dismiss="refetch()"
    />
    <RouterView v-if="knowhow" v-slot="{ Component }">
      <component :is="Component" :key="kind" :knowhow="knowhow" />
    </RouterView>
  </main>
</template>
