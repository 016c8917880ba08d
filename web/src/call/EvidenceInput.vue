<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxLabel, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { computed, ref } from 'vue'
import { useDraft } from '../ui/drafts'
import { useCallContext } from './context'

const { call, pack, codes, actions } = useCallContext()
const text = useDraft(`evidence:${call.value.id}`, '')
/** The sign whose answer is being asked for. */
const asked = ref<string>()

type Choice = { kind: 'SIGN' | 'CODE'; id: string; label: string; tag: string }

const settled = computed(() => new Set(call.value.entries.map((entry) => entry.subject)))
const signs = computed<Choice[]>(() =>
  pack.value.signs
    .filter((sign) => !settled.value.has(sign.id))
    .filter((sign) => !sign.needs || call.value.machine.features.includes(sign.needs))
    .map((sign) => ({ kind: 'SIGN', id: sign.id, label: sign.name, tag: 'sign' })),
)
const tabled = computed<Choice[]>(() =>
  codes.value
    .filter((code) => !settled.value.has(code.code))
    .map((code) => ({ kind: 'CODE', id: code.code, label: code.meaning, tag: code.code })),
)
const found = computed<Choice[]>(() => {
  const words = text.value.toLowerCase().split(/\s+/).filter(Boolean)
  const choices = [...tabled.value, ...signs.value].filter((choice) =>
    words.every((word) => `${choice.tag} ${choice.label}`.toLowerCase().includes(word)),
  )
  const typed = text.value.trim()
  const asCode: Choice = { kind: 'CODE', id: typed, label: `Code “${typed}”`, tag: 'as shown' }
  return choices.length || !typed ? choices : [asCode]
})
const sign = computed(() => pack.value.signs.find((s) => s.id === asked.value))

async function choose(choice: Choice | null) {
  if (!choice) return
  if (choice.kind === 'SIGN') asked.value = choice.id
  else if (await actions.enter('CODE', choice.id, 'shown')) text.value = ''
}

async function settle(id: string, answer: string) {
  if (await actions.enter('SIGN', id, answer)) {
    asked.value = undefined
    text.value = ''
  }
}
</script>

<template>
  <div>
    <div v-if="sign" class="border-rubber rounded-lg border-2 bg-white p-3">
      <p class="font-semibold">{{ sign.ask }}</p>
      <div class="mt-2 grid grid-cols-3 gap-2">
        <button type="button" class="btn" :disabled="actions.busy.value" @click="settle(sign.id, 'yes')">
          Yes
        </button>
        <button type="button" class="btn" :disabled="actions.busy.value" @click="settle(sign.id, 'no')">
          No
        </button>
        <button type="button" class="btn btn-quiet" @click="asked = undefined">Cancel</button>
      </div>
    </div>
    <Combobox
      v-else
      v-slot="{ activeOption }"
      as="div"
      class="relative"
      :model-value="null"
      nullable
      @update:model-value="choose"
    >
      <ComboboxLabel class="sr-only">What else is seen</ComboboxLabel>
      <ComboboxInput
        class="field"
        :placeholder="
          call.entries.length ? 'What else? A sign, or the code shown' : 'The code shown, or a sign'
        "
        autocomplete="off"
        :display-value="() => text"
        @change="text = $event.target.value"
        @keydown.enter="!activeOption && text.trim() && choose(found[0] ?? null)"
      />
      <ComboboxOptions
        class="border-rubber absolute inset-x-0 bottom-full z-10 mb-1 max-h-72 overflow-y-auto rounded-lg border-2 bg-white shadow-lg"
      >
        <ComboboxOption
          v-for="choice in found"
          :key="choice.kind + choice.id"
          v-slot="{ active }"
          :value="choice"
          as="template"
        >
          <li
            class="flex min-h-12 items-center justify-between gap-3 px-3"
            :class="{ 'bg-enamel underline underline-offset-4': active }"
          >
            <span>{{ choice.label }}</span>
            <span class="text-soft font-mono text-xs font-semibold">{{ choice.tag }}</span>
          </li>
        </ComboboxOption>
      </ComboboxOptions>
    </Combobox>
  </div>
</template>
