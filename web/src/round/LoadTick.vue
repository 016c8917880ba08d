<script setup lang="ts">
/** A thing that is ticked off once it lies on the van. */
defineProps<{ name: string; ticked: boolean }>()
defineEmits<{ tick: [] }>()
</script>

<template>
  <li class="border-line border-t border-dashed first:border-t-0">
    <label
      class="grid min-h-12 cursor-pointer grid-cols-[auto_1fr_auto] items-center gap-x-3 py-1 leading-tight"
    >
      <input type="checkbox" class="accent-act size-6" :checked="ticked" @change="$emit('tick')" />
      <span :class="ticked ? 'text-soft line-through' : 'font-semibold'">{{ name }}</span>
      <slot />
    </label>
  </li>
</template>
