<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { useSchools, useSession } from '../api/queries'
import FirstDay from '../round/FirstDay.vue'
import SignOut from './SignOut.vue'
import { found, pagesOf } from './pages'

const { data: session } = useSession()
const { data: schools } = useSchools()
const route = useRoute()
const pages = computed(() => pagesOf(session.value))
const page = computed(() => pages.value.find(({ id }) => route.path === `/settings/${id}`))
const text = ref('')
const places = computed(() =>
  found(
    text.value,
    pages.value,
    (schools.value ?? []).map(({ school }) => school.question),
  ),
)
</script>

<template>
  <main class="mx-auto w-full max-w-6xl px-3 pb-10 sm:px-6">
    <header class="flex flex-wrap items-end justify-between gap-3 py-4">
      <h1 class="text-3xl leading-tight">{{ page ? `Settings: ${page.title}` : 'Settings' }}</h1>
      <p v-if="session" class="flex items-center gap-4">
        {{ session.name }}, {{ session.business }}
        <SignOut />
      </p>
    </header>
    <nav v-if="page" class="mb-4 flex flex-wrap gap-2" aria-label="Settings">
      <RouterLink
        v-for="one in pages"
        :key="one.id"
        :to="`/settings/${one.id}`"
        class="btn"
        :class="{ 'bg-rubber text-white': one === page }"
        >{{ one.title }}</RouterLink
      >
    </nav>
    <label class="mb-5 block max-w-2xl">
      <span class="sr-only">Search the settings</span>
      <input v-model="text" type="search" class="field" placeholder="Search the settings" />
    </label>
    <ul v-if="text.trim()" class="mb-6 max-w-2xl" aria-label="Found" role="list">
      <li v-for="place in places" :key="place.page.id + place.title" class="border-line border-b">
        <RouterLink
          :to="`/settings/${place.page.id}`"
          class="flex min-h-12 items-center justify-between gap-4 py-1 leading-tight"
          @click="text = ''"
        >
          <span class="font-semibold">{{ place.title }}</span>
          <span class="text-soft shrink-0">{{ place.page.title }}</span>
        </RouterLink>
      </li>
      <li v-if="!places.length" class="text-soft">Nothing is set by that name.</li>
    </ul>
    <RouterView v-if="page" />
    <FirstDay v-if="!page && session?.owner" always />
    <ul v-if="!page" class="grid gap-3 md:grid-cols-2" role="list">
      <li v-for="one in pages" :key="one.id">
        <RouterLink
          :to="`/settings/${one.id}`"
          class="bg-sheet border-line block min-h-12 rounded-xl border p-4"
        >
          <h2 class="text-xl leading-tight">{{ one.title }}</h2>
          <p class="text-soft">{{ one.holds.join(', ') }}</p>
        </RouterLink>
      </li>
    </ul>
  </main>
</template>
