<script setup lang="ts">
import type { Home } from '../api/types'
import Notice from '../ui/Notice.vue'
import { useAlike, useJoin } from './queries'
import { groupsOf } from './alike'
import { computed } from 'vue'

const { data } = useAlike()
const groups = computed(() => groupsOf(data.value ?? []))
const join = useJoin()
const others = (group: Home[], one: Home) => group.filter(({ customer }) => customer.id !== one.customer.id)
</script>

<template>
  <section aria-label="Entered twice?">
    <Notice
      v-if="join.error.value"
      :problem="join.error.value"
      @again="join.variables.value && join.mutate(join.variables.value)"
      @dismiss="join.reset()"
    />
    <p class="text-soft mb-3">
      They have their phone, or name and street, in common. Keep the right one: the others’ machines and calls
      become theirs, and that cannot be taken back.
    </p>
    <ul v-for="(group, i) in groups" :key="i" class="border-line bg-sheet mb-4 rounded-xl border px-4">
      <li
        v-for="home in group"
        :key="home.customer.id"
        class="border-line flex flex-wrap items-center justify-between gap-2 border-b py-2 last:border-b-0"
      >
        <RouterLink :to="`/customers/${home.customer.id}`" class="min-w-0 leading-tight">
          <b>{{ home.customer.name }}</b>
          <span class="text-soft block text-sm">
            {{ home.customer.street }} · {{ home.customer.phone || 'no phone' }} ·
            {{ home.machines.length === 1 ? 'one machine' : `${home.machines.length} machines` }}
          </span>
        </RouterLink>
        <button
          type="button"
          class="btn"
          :disabled="join.isPending.value"
          @click="
            others(group, home).forEach(({ customer }) =>
              join.mutate({ from: customer.id, into: home.customer.id }),
            )
          "
        >
          Keep this one
        </button>
      </li>
    </ul>
    <p v-if="data && !groups.length" class="py-4">Nobody seems to be on file twice.</p>
  </section>
</template>
