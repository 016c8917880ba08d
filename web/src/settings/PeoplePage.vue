<script setup lang="ts">
import { useSession } from '../api/queries'
import People from './People.vue'

const { data: session } = useSession()
</script>

<template>
  <People v-if="session" class="max-w-2xl" :owner="session.owner" :me="session.id" />
</template>
