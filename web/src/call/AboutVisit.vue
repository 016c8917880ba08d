<script setup lang="ts">
import Beside from './Beside.vue'
import Complaints from './Complaints.vue'
import Facts from './Facts.vue'
import Fitted from './Fitted.vue'
</script>

<template>
  <div>
    <Complaints />
    <Facts />
    <Fitted />
    <Beside />
  </div>
</template>
