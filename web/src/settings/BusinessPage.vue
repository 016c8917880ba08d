<script setup lang="ts">
import BusinessForm from './BusinessForm.vue'
import LogoChoice from './LogoChoice.vue'
</script>

<template>
  <div class="grid gap-4">
    <LogoChoice />
    <BusinessForm />
  </div>
</template>
