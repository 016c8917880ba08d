<script setup lang="ts">
import { Problem } from '../api/problem'
import Notice from './Notice.vue'

/** Why what a view shows could not be got. */
defineProps<{ reason: unknown }>()
defineEmits<{ again: [] }>()
</script>

<template>
  <Notice
    v-if="reason instanceof Problem"
    :problem="reason"
    @again="$emit('again')"
    @dismiss="$emit('again')"
  />
</template>
