<script setup lang="ts">
import AboutCustomer from './AboutCustomer.vue'
import Beside from './Beside.vue'
import Complaints from './Complaints.vue'
import Facts from './Facts.vue'
import Fitted from './Fitted.vue'
</script>

<template>
  <div>
    <AboutCustomer />
    <Complaints />
    <Facts />
    <Fitted />
    <Beside />
  </div>
</template>
