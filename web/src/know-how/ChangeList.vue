<script setup lang="ts">
import type { Change } from '../api/types'

withDefaults(defineProps<{ changes: Change[]; than?: string }>(), { than: 'the version in use' })
const WORDS = { ADDED: 'new', REMOVED: 'gone', CHANGED: 'changed' }
</script>

<template>
  <p v-if="!changes.length">Nothing differs from {{ than }}.</p>
  <template v-else>
    <p class="font-semibold">
      {{ changes.length }} {{ changes.length === 1 ? 'piece differs' : 'pieces differ' }} from {{ than }}:
    </p>
    <ul class="max-h-96 overflow-y-auto" tabindex="0" aria-label="Differences">
      <li
        v-for="change in changes"
        :key="change.section + change.piece"
        class="border-line border-b border-dashed py-1 leading-tight"
      >
        <span class="font-mono text-xs font-semibold">{{ WORDS[change.difference] }}</span>
        {{ change.section }} <b>{{ change.piece }}</b>
        <span v-for="detail in change.details" :key="detail" class="text-soft block pl-4 text-sm">{{
          detail
        }}</span>
      </li>
    </ul>
  </template>
</template>
