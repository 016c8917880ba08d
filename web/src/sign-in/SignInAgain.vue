<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { signInWanted } from '../api/client'
import SignInForm from './SignInForm.vue'
</script>

<template>
  <Dialog :open="signInWanted" class="relative z-30" @close="() => {}">
    <div class="bg-rubber/70 fixed inset-0" aria-hidden="true" />
    <div class="fixed inset-0 grid place-items-center overflow-y-auto p-4">
      <DialogPanel class="bg-sheet w-full max-w-sm rounded-xl p-6">
        <DialogTitle class="text-2xl">Your session has ended</DialogTitle>
        <p class="mt-1 mb-4">Sign in, and what you just entered goes through.</p>
        <SignInForm />
      </DialogPanel>
    </div>
  </Dialog>
</template>
