<script setup lang="ts">
import type { Competence } from '../../api/types'
import { COMPETENCES } from '../../judgement/competences'

/**
 * Whose work it is, where not everybody may do it.
 *
 * @param licensed who else does it, such as "gas fitter"
 * @param handedOn whether whoever works on the call may not
 */
defineProps<{ competence?: Competence; licensed?: string; handedOn: boolean }>()
</script>

<template>
  <p v-if="handedOn" class="border-act border-l-8 pl-3">
    <b v-if="licensed">Only by a licensed {{ licensed }}.</b>
    <b v-else-if="competence">Only by somebody qualified for {{ COMPETENCES[competence] }}.</b>
    Make it safe, and hand the call on.
  </p>
  <p v-else-if="competence" class="text-soft text-[0.95rem]">
    You are qualified for it: {{ COMPETENCES[competence] }}. The local code and the maker’s instructions come
    first.
  </p>
</template>
