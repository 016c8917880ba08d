<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { v7 as uuid } from 'uuid'
import { ref } from 'vue'
import { answer, api } from '../../api/client'
import { callKey, queryClient } from '../../api/queryClient'
import { me } from '../../store/held/held'
import type { Article } from '../../api/types'
import Stepper from '../../ui/field/Stepper.vue'
import { useCallContext } from '../context'

/** @param wanted how many are to be taken */
const props = defineProps<{ part: Article; wanted: number }>()
const emit = defineEmits<{ counted: [] }>()
const { call } = useCallContext()
const onVan = ref(Math.max(0, props.part.onVan))

const { mutate, isPending, error } = useMutation({
  mutationFn: () =>
    answer(() =>
      api.POST('/api/parts/{partId}/moves', {
        params: { path: { partId: props.part.id } },
        body: { id: uuid(), reason: 'COUNTED', count: onVan.value, van: me().account },
      }),
    ),
  onSuccess: async () => {
    await queryClient.invalidateQueries({ queryKey: callKey(call.value.head.id) })
    emit('counted')
  },
})
const sentence = () =>
  props.part.onVan < 0
    ? `More of ${props.part.number} were taken from the van than it had.`
    : props.part.onVan
      ? `Only ${props.part.onVan} of ${props.part.number} on the van, not ${props.wanted}.`
      : `There is no ${props.part.number} on the van.`
</script>

<template>
  <form
    class="border-warn bg-warn-pale grid gap-2 border-l-8 px-3 py-2"
    novalidate
    @submit.prevent="mutate()"
  >
    <p role="alert">
      <b>{{ sentence() }}</b> Count the van again, or say that it was ordered.
    </p>
    <Stepper v-model="onVan" label="on the van" :max="999" />
    <p v-if="error" class="text-act font-semibold">{{ error.message }}</p>
    <button class="btn" :disabled="isPending">Counted</button>
  </form>
</template>
