<script setup lang="ts">
import type { Call, Pack, Session } from '../api/types'
import { clock, dayName } from '../ui/format'

defineProps<{ call: Call; pack: Pack; session: Session }>()
</script>

<template>
  <header class="grid gap-3 sm:grid-cols-2">
    <div class="sm:col-span-2">
      <p class="text-soft">{{ session.business }} · {{ session.name }}</p>
      <h1 class="text-3xl leading-tight">Report of {{ dayName(call.day) }}</h1>
      <p v-if="call.closedAt">Closed at {{ clock(call.closedAt) }}.</p>
      <p v-else class="text-act font-semibold">The call is not closed yet: this is how it stands.</p>
    </div>
    <p>
      <b>{{ call.customer.name }}</b><br />{{ call.customer.street }}<br />{{ call.customer.phone }}
    </p>
    <p>
      <b>{{ pack.name }}, {{ call.machine.maker }} {{ call.machine.model }}</b
      ><br /><span class="font-mono text-sm">{{ call.machine.serial }}</span
      ><br />{{ call.machine.place }}
    </p>
    <section class="sm:col-span-2" aria-labelledby="complaint-title">
      <h2 id="complaint-title" class="text-xl">Complaint</h2>
      <p v-for="complaint in call.complaints" :key="complaint.id">“{{ complaint.text }}”</p>
    </section>
  </header>
</template>
