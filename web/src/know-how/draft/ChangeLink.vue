<script setup lang="ts">
import { useSession } from '../../api/queries'
import type { Named, Section } from './sections'

/** Leads the lead from what they read to where they change it. */
defineProps<{ kind: string; section: Section; piece: Named }>()
const { data: session } = useSession()
</script>

<template>
  <RouterLink
    v-if="session?.lead"
    class="no-print inline-flex min-h-12 items-center text-sm underline decoration-dotted underline-offset-4"
    :to="`/know-how/${kind}/draft/${section}/${piece.id}`"
    :aria-label="`Change: ${piece.name}`"
    >change</RouterLink
  >
</template>
