<script setup lang="ts">
import { provideLater } from '../context'

provideLater()
</script>

<template>
  <slot />
</template>
