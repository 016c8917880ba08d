<script setup lang="ts">
import { computed, ref } from 'vue'
import { useKnowhowHere } from '../api/queries'
import FilePick from '../ui/field/FilePick.vue'
import { readPlate, type PlateText } from './plate'

/** Reads maker, model and serial number off a photo of the rating plate: each is proposed, and taken by a tap. */
const props = defineProps<{ kind: string; now: PlateText }>()
const emit = defineEmits<{ take: [said: PlateText] }>()
const { data: knowhow } = useKnowhowHere(() => props.kind)

const NAMES = { maker: 'Maker', model: 'Model', serial: 'Serial' } as const
type Name = keyof typeof NAMES

const reading = ref(false)
const sorry = ref('')
const said = ref<PlateText>()
/** What was read, and does not stand there already. */
const others = computed(() =>
  (Object.keys(NAMES) as Name[]).filter((name) => said.value?.[name] && said.value[name] !== props.now[name]),
)

async function read(photo: File) {
  reading.value = true
  sorry.value = ''
  said.value = undefined
  try {
    const makers = [...new Set(knowhow.value?.codes.map(({ maker }) => maker))]
    const found = await readPlate(photo, makers)
    if (Object.values(found).some(Boolean)) said.value = found
    else sorry.value = 'Nothing can be made out: wipe the plate, go nearer, and keep the light off it.'
  } catch {
    sorry.value = 'Plates can only be read with signal the first time. Type what stands there instead.'
  } finally {
    reading.value = false
  }
}
const take = (names: Name[]) =>
  emit('take', Object.fromEntries(names.map((name) => [name, said.value?.[name]])) as PlateText)
</script>

<template>
  <div>
    <FilePick accept="image/*" camera @pick="read">
      {{ reading ? 'Reading the plate …' : 'Read the plate off a photo' }}
    </FilePick>
    <p v-if="sorry" class="text-act font-semibold" role="alert">{{ sorry }}</p>
    <div v-if="said" class="border-line rounded-lg border-2 p-3" role="status">
      <template v-if="others.length">
        <p>
          The plate seems to say this. Compare it before you take it: letters and figures are easily misread.
        </p>
        <div class="mt-2 flex flex-wrap gap-2">
          <button v-for="name in others" :key="name" type="button" class="btn" @click="take([name])">
            {{ NAMES[name] }}: <span class="font-mono">{{ said[name] }}</span>
          </button>
          <button v-if="others.length > 1" type="button" class="btn btn-act" @click="take(others)">
            Take all
          </button>
        </div>
      </template>
      <p v-else>It says what stands here.</p>
    </div>
  </div>
</template>
