<script setup lang="ts">
import { byId } from '../judgement/byId'
import { signSettled } from '../judgement/finding'
import { useCallContext } from './context'

/** After a repair that helped in part: which complaint is gone, and which stays. */
const { call, pack, actions } = useCallContext()

const nameOf = (sign: string) => byId(pack.value.signs, sign)?.name
</script>

<template>
  <section
    v-if="call.prove.stays.length"
    aria-label="What is still there"
    class="border-line m-4 grid gap-2 rounded-lg border-2 p-3"
  >
    <h3 class="font-semibold">What is still there?</h3>
    <div
      v-for="sign in call.prove.stays"
      :key="sign"
      role="group"
      :aria-label="nameOf(sign)"
      class="grid gap-1"
    >
      <p>{{ nameOf(sign) }}</p>
      <div class="grid grid-cols-2 gap-2">
        <button
          type="button"
          class="btn min-h-12"
          :disabled="actions.busy.value"
          @click="actions.settle(signSettled(sign, 'NO'))"
        >
          Gone
        </button>
        <button
          type="button"
          class="btn min-h-12"
          :disabled="actions.busy.value"
          @click="actions.settle(signSettled(sign, 'YES', true))"
        >
          Still there
        </button>
      </div>
    </div>
  </section>
</template>
