<script setup lang="ts">
import { useRegisterSW } from 'virtual:pwa-register/vue'
import { useRouter } from 'vue-router'
import { isHalfTyped } from './kept/drafts'

const { needRefresh, updateServiceWorker } = useRegisterSW()

/** A new version takes over between two views, unless something is half typed. */
useRouter().afterEach(() => {
  if (needRefresh.value && !isHalfTyped()) void updateServiceWorker(true)
})
</script>

<template>
  <div
    v-if="needRefresh"
    role="status"
    class="bg-warn-pale border-line no-print flex flex-wrap items-center gap-x-3 border-t px-3 text-[0.95rem]"
  >
    <p class="py-2">A new version of Grimy Gasket is here.</p>
    <button type="button" class="btn btn-quiet" @click="updateServiceWorker(true)">Take it now</button>
  </div>
</template>
