<script setup lang="ts">
import { computed } from 'vue'
import { useCallContext } from '../context'

/** What is looked at before the tools are packed up. */
const { call, actions } = useCallContext()
const looks = computed(() => call.value.prove.lastLook)
const line = computed(() => call.value.job.lastLook[0])
</script>

<template>
  <section
    v-if="looks.length"
    class="border-line grid gap-2 rounded-lg border-2 p-3"
    aria-labelledby="look-title"
  >
    <h3 id="look-title" class="text-lg leading-tight">Last look</h3>
    <ul class="list-disc pl-5">
      <li v-for="look in looks" :key="look.id">{{ look.text }}</li>
    </ul>
    <p v-if="line" class="text-clean font-semibold">✓ Looked at all of it</p>
    <button
      v-else-if="!call.head.closing"
      type="button"
      class="btn"
      :disabled="actions.busy.value"
      @click="actions.write({ kind: 'looked-over', looks: looks.map(({ id }) => id) })"
    >
      Looked at all of it
    </button>
  </section>
</template>
