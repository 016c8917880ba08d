<script setup lang="ts">
import BusinessForm from './BusinessForm.vue'
</script>

<template>
  <BusinessForm class="max-w-2xl" />
</template>
