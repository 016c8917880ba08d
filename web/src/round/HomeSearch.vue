<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { ref } from 'vue'
import { away } from '../api/client'
import { useHomes } from '../api/queries'
import type { Home, Machine } from '../api/types'
import { ofMachine } from '../customers/data'
import TextField from '../ui/field/TextField.vue'

defineEmits<{ choose: [home: Home, machine?: Machine] }>()
const text = ref('')
const { data: homes } = useHomes(refDebounced(text, 200))
</script>

<template>
  <div>
    <TextField
      v-model="text"
      label="Find a known customer"
      type="search"
      hint="By name, street, phone, model or serial number"
    />
    <ul v-if="text.trim() && homes" class="border-line mt-1 rounded-lg border-2" aria-label="Known customers">
      <li v-for="home in homes" :key="home.customer.id" class="border-line border-b p-2 last:border-b-0">
        <p class="font-semibold">{{ home.customer.name }}</p>
        <p class="text-soft text-sm">{{ home.customer.street }}</p>
        <div class="mt-1 flex flex-wrap gap-2">
          <button
            v-for="machine in home.machines"
            :key="machine.id"
            type="button"
            class="btn"
            @click="$emit('choose', home, machine)"
          >
            {{ machine.maker }} {{ machine.model
            }}<template v-if="home.elsewhere[machine.id]"
              >, {{ ofMachine(home, machine).elsewhere?.street }}</template
            >
          </button>
          <button type="button" class="btn btn-quiet" @click="$emit('choose', home)">Another machine</button>
        </div>
      </li>
      <li v-if="!homes.length" class="p-3">
        {{
          away
            ? 'Not among the customers of the next days; all others are found with signal.'
            : 'Nobody by that name.'
        }}
        Enter the customer below.
      </li>
    </ul>
  </div>
</template>
