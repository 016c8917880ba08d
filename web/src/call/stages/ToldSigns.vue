<script setup lang="ts">
import { computed } from 'vue'
import type { Sign } from '../../api/types'
import { signSettled } from '../../judgement/finding'
import { byId } from '../../judgement/byId'
import { useCallContext } from '../context'

const { call, pack, actions } = useCallContext()

const complaints = computed(() =>
  pack.value.signs.filter((sign) => call.value.applicable.complaints.includes(sign.id)),
)
/** What stands first stops the call; of those that exclude each other only one can be told. */
const signs = computed(() => [
  ...complaints.value.filter((sign) => sign.alarm),
  ...complaints.value.filter((sign) => !sign.alarm),
])
/** The last answer to it: a remedy may lie between two. */
const entryOf = (sign: Sign) =>
  [...call.value.story]
    .reverse()
    .find(({ finding }) => finding.kind === 'sign-settled' && finding.sign === sign.id)
function isTold(sign: Sign) {
  const finding = entryOf(sign)?.finding
  return finding?.kind === 'sign-settled' && finding.answer === 'YES'
}

/** The sign that was told instead of this one, and excludes it. */
function instead(sign: Sign) {
  const others = pack.value.exclusive.find((question) => question.signs.includes(sign.id))?.signs ?? []
  const told = others.find((other) => other !== sign.id && isTold(byId(pack.value.signs, other)!))
  return byId(pack.value.signs, told)
}

async function touch(sign: Sign) {
  const entry = entryOf(sign)
  const other = instead(sign)
  if (other && !(await actions.takeBack(entryOf(other)!))) return
  const told = signSettled(sign.id, 'YES', true)
  if (!entry) await actions.settle(told)
  else if (isTold(sign)) await actions.takeBack(entry)
  else await actions.correct(entry, told)
}
</script>

<template>
  <div role="group" aria-label="What the customer sees" class="grid grid-cols-2 gap-2">
    <button
      v-for="sign in signs"
      :key="sign.id"
      type="button"
      class="btn justify-start px-3 py-1 text-left text-[0.95rem] leading-tight"
      :class="{
        'bg-rubber hover:bg-rubber text-white': isTold(sign),
        'border-warn col-span-2 border-l-8': sign.alarm,
      }"
      :aria-pressed="isTold(sign)"
      :disabled="actions.busy.value"
      @click="touch(sign)"
    >
      {{ isTold(sign) ? '✓ ' : '' }}{{ sign.name }}
    </button>
  </div>
</template>
