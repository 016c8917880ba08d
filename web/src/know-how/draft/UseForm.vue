<script setup lang="ts">
import { ref } from 'vue'
import { useDraft } from '../../ui/kept/drafts'
import Tick from '../../ui/field/Tick.vue'
import TextField from '../../ui/field/TextField.vue'

/** Puts the draft to use. */
const props = defineProps<{ kind: string; busy: boolean; alone: boolean }>()
const emit = defineEmits<{ use: [note: string, alone: boolean] }>()
const note = useDraft(`draft-note:${props.kind}`, '')
const checked = ref(false)
</script>

<template>
  <form class="grid gap-3" @submit.prevent="emit('use', note, checked)">
    <h3 class="text-lg">Publish</h3>
    <p class="text-soft text-sm">
      New calls are judged with it from then on; those begun keep theirs. The version before stays, to return
      to.
    </p>
    <TextField v-model="note" label="What is new" maxlength="200" required />
    <Tick v-if="alone" v-model="checked" label="I wrote all of this, and have checked it myself" />
    <p v-if="alone" class="text-soft text-sm">Better: somebody else checks it and publishes it.</p>
    <button class="btn btn-act" :disabled="busy || (alone && !checked)">Publish</button>
  </form>
</template>
