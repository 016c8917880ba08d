<script setup lang="ts">
import { computed } from 'vue'
import { clock } from '../../ui/text/clocks'
import { useCallContext } from '../context'
import { answerText, findingText } from '../../judgement/wording'

const { pack, codes, actions } = useCallContext()
const theirs = computed(() => actions.problem.value!.theirs!)
const what = computed(() => findingText(theirs.value.finding, pack.value, codes.value).what)
async function putMine() {
  const finding = actions.mine.value!
  const entry = theirs.value
  await actions.dismiss()
  await actions.correct(entry, finding)
}
const mine = computed(() => actions.mine.value && answerText(actions.mine.value, pack.value))
</script>

<template>
  <div
    role="alert"
    class="border-act bg-sheet low:static sticky top-0 z-10 grid gap-2 border-l-8 px-4 py-3 sm:grid-cols-[1fr_auto] sm:items-center"
  >
    <p>
      <b>{{ actions.problem.value!.message }}</b>
      {{ what }}: there “{{ answerText(theirs.finding, pack) }}” at {{ clock(theirs.at)
      }}<template v-if="mine">, here “{{ mine }}”</template>.
    </p>
    <div class="flex flex-wrap gap-2">
      <button type="button" class="btn" @click="actions.dismiss()">Keep theirs</button>
      <button v-if="actions.mine.value" type="button" class="btn" @click="putMine">Use mine</button>
    </div>
  </div>
</template>
