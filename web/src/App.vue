<script setup lang="ts">
import { computed } from 'vue'
import { Problem } from './api/problem'
import { useSession } from './api/queries'
import { useFeed } from './api/useFeed'
import ProofSheet from './sign-in/ProofSheet.vue'
import SignInAgain from './sign-in/SignInAgain.vue'
import SignInView from './sign-in/SignInView.vue'
import StoreMark from './store/StoreMark.vue'
import { useStore } from './store/useStore'
import FootBar from './ui/FootBar.vue'
import { useLook } from './ui/look'
import NewVersion from './ui/NewVersion.vue'
import Notice from './ui/Notice.vue'

useLook()
const { data: session, error, failureReason, refetch } = useSession()
const { catchUp } = useStore()
useFeed(catchUp)
const away = computed(() => failureReason.value instanceof Problem && failureReason.value.passes)
</script>

<template>
  <div v-if="session" class="flex min-h-dvh flex-col">
    <a href="#content" class="btn sr-only focus:not-sr-only focus:fixed focus:top-2 focus:left-2 focus:z-30"
      >Skip to the content</a
    >
    <div id="content" tabindex="-1" class="flex flex-1 flex-col outline-none">
      <RouterView />
    </div>
    <NewVersion />
    <StoreMark />
    <FootBar :session="session" />
    <SignInAgain />
    <ProofSheet />
  </div>
  <Notice
    v-else-if="away"
    :problem="failureReason as Problem"
    class="m-4"
    @again="refetch()"
    @dismiss="refetch()"
  />
  <SignInView v-else-if="error" :problem="error" />
</template>
