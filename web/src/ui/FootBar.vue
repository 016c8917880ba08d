<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { watch } from 'vue'
import { useRoute } from 'vue-router'
import { signOut } from '../api/client'
import { queryClient } from '../api/queries'
import type { Session } from '../api/types'
import { forgetDrafts } from './drafts'

defineProps<{ session: Session }>()
const route = useRoute()
const lastCall = useStorage('grimy-gasket:last-call', '')
watch(
  () => route.params.id,
  (id) => {
    if (typeof id === 'string') lastCall.value = id
  },
  { immediate: true },
)

async function leave() {
  await signOut()
  forgetDrafts()
  lastCall.value = ''
  queryClient.clear()
  location.assign('/')
}
</script>

<template>
  <nav
    class="bg-rubber no-print sticky bottom-0 z-10 flex items-stretch gap-1 px-2 sm:px-4"
    aria-label="Views"
  >
    <RouterLink v-slot="{ href, navigate }" to="/round" custom>
      <a :href="href" class="foot" :class="{ on: route.path.startsWith('/round') }" @click="navigate"
        >Round</a
      >
    </RouterLink>
    <RouterLink v-if="lastCall" v-slot="{ href, navigate }" :to="`/calls/${lastCall}`" custom>
      <a :href="href" class="foot" :class="{ on: route.path.startsWith('/calls') }" @click="navigate">Call</a>
    </RouterLink>
    <span class="flex-1" />
    <span class="hidden self-center text-sm text-[#d9d5ca] sm:block"
      >{{ session.name }}, {{ session.business }}</span
    >
    <button type="button" class="foot" @click="leave">Sign out</button>
  </nav>
</template>

<style scoped>
@reference '../styles.css';
.foot {
  @apply flex min-h-14 items-center border-t-4 border-transparent px-4 font-semibold text-[#d9d5ca];
}
.foot.on {
  @apply border-act text-white;
}
</style>
