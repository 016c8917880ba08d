<script setup lang="ts">
import AboutCall from './AboutCall.vue'
import AboutCustomer from './AboutCustomer.vue'
import AboutMachine from './AboutMachine.vue'
import Beside from './Beside.vue'
import Complaints from './Complaints.vue'
import Facts from './Facts.vue'
import Fitted from './Fitted.vue'
</script>

<template>
  <div>
    <AboutCustomer />
    <AboutMachine />
    <Complaints />
    <Facts />
    <Fitted />
    <Beside />
    <AboutCall />
  </div>
</template>
