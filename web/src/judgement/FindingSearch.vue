<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxLabel, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { computed, ref, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import { useFound, type Searched } from '../api/queries'
import type { Code, Finding, Pack } from '../api/types'
import { sendTyped, useDraft } from '../ui/kept/drafts'
import { onKey } from '../ui/keys'
import { byId } from './byId'
import { codeRead, symptomSettled, type SymptomAnswer } from './finding'
import { lookUp, matching, meant, type Find } from './findings'

const props = defineProps<{
  pack: Pack
  codes: Code[]
  /** Ids of the symptoms that can be seen on the machine. */
  symptoms: string[]
  settled: Set<string>
  /** The machine by whose know-how what is typed is understood. */
  machine: Searched
  draftKey: string
  placeholder: string
  busy?: boolean
  /** Whether the list opens above the field. */
  upwards?: boolean
  /** Whether a code that no table has may be entered as typed, to be told what the tables have. */
  anyCode?: boolean
  /** Enters a finding; whether it went through. */
  enter: (finding: Finding, maker?: string) => Promise<boolean>
}>()
const router = useRouter()
const field = useTemplateRef<HTMLElement>('field')
onKey('/', () => field.value?.querySelector('input')?.focus())
const text = useDraft(`evidence:${props.draftKey}`, '')
/** The symptom whose answer is being asked for. */
const asked = ref<string>()
const symptom = computed(() => byId(props.pack.symptoms, asked.value))

const { data: hits } = useFound(() => props.machine, text)
const found = computed<Find[]>(() => {
  const typed = text.value.trim()
  const all = lookUp(props.pack, props.codes, props.symptoms, props.settled)
  const finds = [
    ...new Set([...matching(all, typed), ...(typed ? meant(all, hits.value ?? []) : [])]),
  ].filter(
    // Faults are there to be found, not to be chosen from.
    (find) => typed || find.kind !== 'FAULT',
  )
  const asTyped: Find = {
    kind: 'CODE',
    id: typed,
    label: `Code “${typed}”, not in the tables`,
    tag: 'keep it',
  }
  return finds.length || !typed || !props.anyCode ? finds : [asTyped]
})

async function choose(find: Find | null) {
  if (!find) return
  if (find.kind === 'SYMPTOM') asked.value = find.id
  else if (find.kind === 'FAULT') await router.push(`/know-how/${props.pack.id}/faults/${find.id}`)
  else await sendTyped(text, () => props.enter(codeRead(find.id), find.maker))
}

async function settle(id: string, answer: SymptomAnswer) {
  if (await sendTyped(text, () => props.enter(symptomSettled(id, answer)))) asked.value = undefined
}
</script>

<template>
  <div ref="field">
    <div v-if="symptom" class="border-edge rounded-lg border-2 bg-paper p-3">
      <p class="font-semibold">{{ symptom.ask }}</p>
      <div class="mt-2 grid grid-cols-3 gap-2">
        <button type="button" class="btn" :disabled="busy" @click="settle(symptom.id, 'YES')">Yes</button>
        <button type="button" class="btn" :disabled="busy" @click="settle(symptom.id, 'NO')">No</button>
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
        :placeholder="placeholder"
        autocomplete="off"
        :display-value="() => text"
        @change="text = $event.target.value"
        @keydown.enter="!activeOption && text.trim() && choose(found[0] ?? null)"
      />
      <ComboboxOptions
        class="border-edge absolute inset-x-0 z-10 max-h-72 overflow-y-auto rounded-lg border-2 bg-paper shadow-lg"
        :class="upwards ? 'bottom-full mb-1' : 'top-full mt-1'"
      >
        <ComboboxOption
          v-for="find in found"
          :key="find.kind + find.maker + find.id"
          v-slot="{ active }"
          :value="find"
          as="template"
        >
          <li
            class="flex min-h-12 items-center justify-between gap-3 px-3 py-1 leading-tight"
            :class="{ 'bg-enamel underline underline-offset-4': active }"
          >
            <span>{{ find.label }}</span>
            <span class="text-soft text-right font-mono text-xs font-semibold">{{ find.tag }}</span>
          </li>
        </ComboboxOption>
        <li v-if="!found.length" role="option" aria-disabled="true" aria-selected="false" class="px-3 py-3">
          Nothing by that name.
        </li>
      </ComboboxOptions>
    </Combobox>
  </div>
</template>
