<script setup lang="ts">
import { useSession } from '../api/queries'
import DeviceList from './DeviceList.vue'
import LeftBehind from './LeftBehind.vue'
import LookChoice from './LookChoice.vue'
import OwnPassword from './OwnPassword.vue'
import Passkeys from './Passkeys.vue'

const { data: session } = useSession()
</script>

<template>
  <div v-if="session" class="grid items-start gap-4 md:grid-cols-2 xl:grid-cols-3">
    <LookChoice />
    <OwnPassword />
    <Passkeys />
    <DeviceList :all="session.lead" />
    <LeftBehind v-if="session.lead" />
  </div>
</template>
