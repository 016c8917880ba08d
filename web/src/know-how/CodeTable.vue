<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import type { Code, Knowhow } from '../api/types'
import { byId } from '../judgement/byId'
import { matching } from '../judgement/findings'
import { codeName } from '../judgement/wording'
import { percent } from '../ui/text/format'
import TextField from '../ui/field/TextField.vue'

const props = defineProps<{ knowhow: Knowhow }>()
const route = useRoute()
const text = ref(typeof route.query.find === 'string' ? route.query.find : '')

const found = computed(() =>
  matching(
    props.knowhow.codes.map((code) => ({ code, label: code.meaning, tag: `${code.maker} ${code.code}` })),
    text.value,
  ).map(({ code }) => code),
)
const makers = computed(() => [...new Set(found.value.map((code) => code.maker))])

/** What a code points at, the strongest first. */
function points(code: Code) {
  const { pack } = props.knowhow
  return [
    ...Object.entries(code.faults).map(([id, strength]) => ({
      name: byId(pack.faults, id)!.name,
      to: `/know-how/${pack.id}/faults/${id}`,
      strength,
    })),
    ...Object.entries(code.symptoms).map(([id, strength]) => ({
      name: byId(pack.symptoms, id)!.name,
      to: `/know-how/${pack.id}/symptoms#${id}`,
      strength,
    })),
  ].sort((a, b) => b.strength - a.strength)
}
</script>

<template>
  <div class="flex flex-wrap items-end justify-between gap-3">
    <TextField
      v-model="text"
      class="w-full sm:w-80"
      label="Find a code"
      type="search"
      placeholder="Maker, code, lights or meaning"
    />
    <a
      class="btn no-print"
      :href="`/api/know-how/${knowhow.pack.id}/revisions/${knowhow.revision}/codes.csv`"
      download
      >Download as CSV</a
    >
  </div>
  <p v-if="!found.length" class="py-4">
    {{ knowhow.codes.length ? 'No code by that name.' : 'No codes are known for this kind yet.' }}
  </p>
  <section v-for="maker in makers" :key="maker" class="mt-5" :aria-label="maker">
    <h2 class="text-xl">{{ maker }}</h2>
    <ul>
      <li
        v-for="code in found.filter((one) => one.maker === maker)"
        :key="code.code"
        class="border-line grid gap-x-5 gap-y-0.5 border-b border-dashed py-2 md:grid-cols-[13rem_1fr_1fr]"
      >
        <b class="font-mono text-sm leading-6">{{ codeName(code) }}</b>
        <span>
          <span class="font-semibold">{{ code.meaning }}.</span>
          <span class="text-soft block text-[0.95rem]">To clear: {{ code.clear }}</span>
        </span>
        <span class="leading-relaxed">
          <template v-for="(point, i) in points(code)" :key="point.to"
            >{{ i ? ', ' : ''
            }}<RouterLink :to="point.to" class="underline decoration-dotted underline-offset-4">{{
              point.name
            }}</RouterLink>
            {{ percent(point.strength) }}</template
          >
        </span>
      </li>
    </ul>
  </section>
</template>
