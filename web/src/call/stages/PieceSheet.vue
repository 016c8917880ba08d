<script setup lang="ts">
import { watch } from 'vue'
import type { Laid, Line } from '../../api/types'
import Sheet from '../../ui/Sheet.vue'
import Stepper from '../../ui/Stepper.vue'
import TextField from '../../ui/TextField.vue'
import Tick from '../../ui/Tick.vue'
import { useCallContext } from '../context'
import { CONFIRMATION } from '../job'
import { usePieceForm } from './usePieceForm'

const props = defineProps<{ line?: Line<Laid> }>()
const open = defineModel<boolean>({ required: true })
const { call, actions } = useCallContext()
const { form, begin, laid } = usePieceForm(call, () => props.line)
watch(open, (isOpen) => isOpen && begin())

async function save() {
  if (await actions.keep('pieces', laid(), props.line)) open.value = false
}
const confirmed = (what: keyof typeof CONFIRMATION, on: boolean) =>
  (form.value.confirm = on ? [...form.value.confirm, what] : form.value.confirm.filter((one) => one !== what))
</script>

<template>
  <Sheet v-model="open" :title="line ? line.what.name : 'Something else came off'">
    <form class="grid gap-3" @submit.prevent="save">
      <TextField v-model="form.name" label="What is it?" required maxlength="80" />
      <fieldset class="grid gap-2">
        <legend class="font-semibold">Its screws</legend>
        <Stepper v-model="form.count" label="screws" :max="99" />
        <template v-if="form.count > 0">
          <div class="grid grid-cols-2 gap-2">
            <TextField
              v-model="form.drive"
              label="Drive"
              required
              maxlength="40"
              placeholder="T20, cross 2"
            />
            <TextField v-model="form.thread" label="Thread" maxlength="60" placeholder="for plastic, M4" />
          </div>
          <Stepper v-model="form.lengthMm" label="long" unit="mm" :max="200" />
          <TextField v-model="form.cup" label="Cup" maxlength="4" />
        </template>
      </fieldset>
      <TextField
        v-model="form.turn"
        label="Which way it turned off"
        maxlength="80"
        placeholder="just lifted"
      />
      <TextField v-model="form.clip" label="How its clip is released" maxlength="80" placeholder="no clip" />
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
        {{ line ? 'Keep' : 'Laid on the tray' }}
      </button>
    </form>
  </Sheet>
</template>
