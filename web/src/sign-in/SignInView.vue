<script setup lang="ts">
import type { Problem } from '../api/problem'
import SignInForm from './SignInForm.vue'

/** @param problem why nobody is signed in */
defineProps<{ problem: Problem }>()
</script>

<template>
  <main class="mx-auto grid min-h-dvh max-w-4xl content-center gap-8 p-6 sm:grid-cols-2">
    <div>
      <img src="/gasket.svg" alt="" class="mb-4 size-16" />
      <h1 class="text-4xl leading-none">Grimy Gasket</h1>
      <p class="mt-3 text-lg">
        From the complaint to the proved cure: what is probably wrong, what to do next and why, and which part
        came off the van.
      </p>
    </div>
    <section class="bg-sheet border-line rounded-xl border-2 p-6" aria-label="Sign in">
      <p v-if="problem.kind === 'device-lost'" role="status" class="mb-4 font-semibold">
        {{ problem.message }}
      </p>
      <SignInForm />
    </section>
  </main>
</template>
