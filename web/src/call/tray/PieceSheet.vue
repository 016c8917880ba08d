<script setup lang="ts">
import { watch } from 'vue'
import type { Laid, Line } from '../../api/types'
import Sheet from '../../ui/Sheet.vue'
import TextField from '../../ui/field/TextField.vue'
import Tick from '../../ui/field/Tick.vue'
import { useCallContext } from '../context'
import { CONFIRMATION } from '../job'
import ScrewsFields from './ScrewsFields.vue'
import { usePieceForm } from './usePieceForm'

const props = defineProps<{ line?: Line<Laid> }>()
const open = defineModel<boolean>({ required: true })
const { call, actions } = useCallContext()
const { form, begin, clear, another, laid, freeCup } = usePieceForm(call, () => props.line)
watch(open, (isOpen) => isOpen && begin())

async function save() {
  if (!(await actions.write(laid(), props.line))) return
  clear()
  open.value = false
}
const confirmed = (what: keyof typeof CONFIRMATION, on: boolean) =>
  (form.value.confirm = on ? [...form.value.confirm, what] : form.value.confirm.filter((one) => one !== what))
</script>

<template>
  <Sheet v-model="open" :title="line ? line.what.name : 'Something else came off'">
    <form class="grid gap-3" @submit.prevent="save">
      <TextField v-model="form.name" label="What is it?" required maxlength="80" />
      <ScrewsFields
        v-for="(_, i) in form.screws"
        :key="i"
        v-model="form.screws[i]!"
        :title="i ? 'Other screws' : 'Its screws'"
        :free-cup="freeCup(i)"
      />
      <button
        v-if="form.screws.at(-1)!.count > 0"
        type="button"
        class="btn btn-quiet justify-start"
        @click="another"
      >
        It has other screws, too
      </button>
      <TextField
        v-model="form.turn"
        label="Which way it turned off"
        maxlength="80"
        placeholder="just lifted"
      />
      <label class="grid gap-1">
        <span class="font-semibold">How its clips are released</span>
        <textarea v-model="form.clips" class="field" rows="2" placeholder="no clip; one a line"></textarea>
      </label>
      <TextField
        v-model="form.orientation"
        label="How it has to sit"
        maxlength="80"
        placeholder="fits one way only"
      />
      <fieldset class="grid gap-1.5">
        <legend class="font-semibold">When it is back, look for</legend>
        <Tick
          v-for="(text, what) in CONFIRMATION"
          :key="what"
          :label="text"
          :model-value="form.confirm.includes(what)"
          @update:model-value="confirmed(what, $event)"
        />
        <Tick v-model="form.joint" label="Leaks, at the proof" />
      </fieldset>
      <button class="btn btn-act" :disabled="actions.busy.value">
        {{ line ? 'Save' : 'Taken off' }}
      </button>
    </form>
  </Sheet>
</template>
