<script setup lang="ts">
import { computed } from 'vue'
import PanelHead from '../../ui/PanelHead.vue'
import { useCallContext } from '../context'
import Debts from '../tray/Debts.vue'
import GoOn from './GoOn.vue'
import Meanwhile from '../tray/Meanwhile.vue'
import PieceBack from '../tray/PieceBack.vue'

const { call } = useCallContext()
const steps = computed(() =>
  call.value.close.tray.wayBack.map((step) => ({
    ...step,
    line: call.value.job.pieces.find((line) => line.what.id === step.piece)!,
  })),
)
const next = computed(() => steps.value.find((step) => step.state === 'READY')?.piece)
const cups = computed(() => call.value.close.tray.cups)
</script>

<template>
  <PanelHead label="Close" title="Refit in this order" />
  <div class="grid gap-3 p-4">
    <ul v-if="cups.length" class="flex flex-wrap gap-2" aria-label="Screws in the cups">
      <li
        v-for="cup in cups"
        :key="cup.name"
        class="rounded-lg border-2 px-2 py-1 leading-tight"
        :class="cup.left ? 'border-act' : 'border-clean text-clean'"
      >
        <b class="font-mono">{{ cup.name }}</b>
        {{ cup.left ? `${cup.left} of ${cup.out} left` : `✓ all ${cup.out} back` }}
        <span v-if="cup.kinds.length > 1" class="text-act block text-sm font-semibold"
          >two kinds in one cup</span
        >
      </li>
    </ul>
    <ol v-if="steps.length" class="grid gap-2" aria-label="The way back">
      <li v-for="step in steps" :key="step.piece">
        <PieceBack
          :line="step.line"
          :state="step.state"
          :waits-for="step.waitsFor"
          :open="step.piece === next"
        />
      </li>
    </ol>
    <p v-else>Nothing came off.</p>
    <Meanwhile v-if="steps.some((step) => step.state === 'DRIES')" />
    <Debts />
    <GoOn />
  </div>
</template>
