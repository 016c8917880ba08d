<script setup lang="ts">
import { ref } from 'vue'
import Sheet from '../ui/Sheet.vue'
import { onKey } from '../ui/keys'

const open = ref(false)
onKey('?', () => (open.value = true))

const KEYS = [
  ['1 to 9', 'Answer the step: 1 is its first answer'],
  ['g', 'Go on with the work'],
  ['c', 'To the next caution; Enter confirms it'],
  ['u', 'Change or undo what was entered last'],
  ['/', 'Search symptoms and codes'],
  ['a', 'Read the step aloud, and stop it'],
  ['n', 'Read the next sentence'],
  ['r', 'Repeat the sentence'],
  ['?', 'Show these keys'],
]
</script>

<template>
  <Sheet v-model="open" title="Keys">
    <dl class="grid grid-cols-[auto_1fr] items-center gap-x-4 gap-y-3">
      <template v-for="[key, does] in KEYS" :key="key">
        <dt>
          <kbd class="border-edge rounded border-2 px-2 py-0.5 font-mono">{{ key }}</kbd>
        </dt>
        <dd>{{ does }}</dd>
      </template>
    </dl>
  </Sheet>
</template>
