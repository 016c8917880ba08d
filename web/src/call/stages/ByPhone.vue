<script setup lang="ts">
import { computed, ref } from 'vue'
import { byId } from '../../judgement/byId'
import { percent } from '../../ui/text/format'
import { checkMade } from '../../judgement/finding'
import { useCallContext } from '../context'

const SHORT = 3
const { call, pack, actions } = useCallContext()
const all = ref(false)
const checks = computed(() =>
  call.value.call.phoneChecks.map(({ check, chance }) => ({ ...byId(pack.value.checks, check)!, chance })),
)
</script>

<template>
  <section v-if="checks.length" aria-labelledby="phone-title">
    <h3 id="phone-title" class="text-lg">Ask to look, by phone</h3>
    <details
      v-for="check in all ? checks : checks.slice(0, SHORT)"
      :key="check.id"
      class="border-line border-b border-dashed"
    >
      <summary class="flex min-h-12 cursor-pointer items-center justify-between gap-3 py-1 leading-tight">
        <span>{{ check.phone }}</span>
        <span class="text-soft font-mono text-xs font-semibold whitespace-nowrap"
          >{{ percent(check.chance) }} <span class="sr-only">likely to find something</span></span
        >
      </summary>
      <div class="grid gap-2 pb-2">
        <button
          v-for="outcome in check.outcomes"
          :key="outcome.id"
          type="button"
          class="btn justify-start text-left leading-tight"
          :disabled="actions.busy.value"
          @click="actions.settle(checkMade(check.id, outcome.id))"
        >
          {{ outcome.name }}
        </button>
      </div>
    </details>
    <button v-if="checks.length > SHORT" type="button" class="btn btn-quiet -ml-4" @click="all = !all">
      {{ all ? 'Fewer' : `All ${checks.length} to ask for` }}
    </button>
  </section>
</template>
