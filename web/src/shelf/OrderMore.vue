<script setup lang="ts">
import { ref } from 'vue'
import type { PartOrder } from '../api/types'
import Notice from '../ui/Notice.vue'
import TextField from '../ui/field/TextField.vue'
import { useGiveUp, usePromise } from './queries'

/** What the lead can do with an order besides. */
const props = defineProps<{ order: PartOrder }>()
const day = ref('')
const promise = usePromise(() => props.order.id)
const giveUp = useGiveUp(() => props.order.id)
</script>

<template>
  <details>
    <summary class="min-h-12 cursor-pointer py-3 font-semibold">More</summary>
    <div class="grid gap-3">
      <form class="flex flex-wrap items-end gap-2" novalidate @submit.prevent="promise.mutate(day)">
        <TextField v-model="day" label="The rest comes on" type="date" />
        <button class="btn" :disabled="promise.isPending.value">Save</button>
      </form>
      <Notice
        v-if="promise.error.value"
        :problem="promise.error.value"
        @again="promise.mutate(day)"
        @dismiss="promise.reset()"
      />
      <p class="flex flex-wrap items-center gap-x-3">
        <button type="button" class="btn" :disabled="giveUp.isPending.value" @click="giveUp.mutate()">
          The rest will not come
        </button>
        <span class="text-soft text-sm">What is wanted of it is to be ordered again.</span>
      </p>
      <Notice
        v-if="giveUp.error.value"
        :problem="giveUp.error.value"
        @again="giveUp.mutate()"
        @dismiss="giveUp.reset()"
      />
    </div>
  </details>
</template>
