<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

defineProps<{ title: string; wide?: boolean }>()
const open = defineModel<boolean>({ required: true })
</script>

<template>
  <Dialog :open="open" class="relative z-20" @close="open = false">
    <div class="bg-rubber/60 fixed inset-0" aria-hidden="true" />
    <div class="fixed inset-0 overflow-y-auto sm:p-6">
      <DialogPanel
        class="bg-sheet min-h-full p-4 shadow-xl sm:mx-auto sm:min-h-0 sm:rounded-xl sm:p-6"
        :class="wide ? 'sm:max-w-3xl' : 'sm:max-w-lg'"
      >
        <div class="mb-4 flex items-start justify-between gap-4">
          <DialogTitle class="text-2xl leading-tight">{{ title }}</DialogTitle>
          <button type="button" class="btn btn-quiet -mt-2 -mr-2" @click="open = false">Close</button>
        </div>
        <slot />
      </DialogPanel>
    </div>
  </Dialog>
</template>
