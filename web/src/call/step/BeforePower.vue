<script setup lang="ts">
import type { Step } from '../../api/types'
import { byId } from '../../judgement/byId'
import { useCallContext } from '../context'
import { usePower } from './usePower'

/** What comes first because of the machine's power: a line of the step itself. */
const props = defineProps<{ step: Pick<Step, 'kind' | 'id'> }>()
const { call, pack, stage } = useCallContext()
const { off, quarantined, blocked, first } = usePower(() => props.step)
</script>

<template>
  <div v-if="blocked" class="border-act grid gap-1 border-l-8 pl-3" role="note">
    <template v-if="quarantined">
      <p><b>After the alarm it gets no power.</b></p>
      <p v-if="call.now.looks.length">
        First these have to find nothing:
        {{ call.now.looks.map((look) => byId(pack.checks, look)?.name).join('; ') }}.
      </p>
      <p v-else>Only licensed people may put it back in use. Hand the call on.</p>
    </template>
    <template v-else>
      <p><b>Put back before it has power:</b> {{ off.join(', ') }}.</p>
      <button type="button" class="btn justify-self-start" @click="stage.show('CLOSE')">To the tray</button>
    </template>
  </div>
  <p v-else-if="first"><b>First:</b> {{ first }}</p>
</template>
