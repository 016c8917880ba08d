import { computed, onUnmounted, ref, watch } from 'vue'

/** Reads sentences aloud with the browser's own voice, one at a time: the hands that work say when the next may come. */
export function useAloud(sentences: () => string[]) {
  const voice = window.speechSynthesis as SpeechSynthesis | undefined
  /** Which sentence was read last; none while nothing is read. */
  const at = ref<number>()

  function speak() {
    voice?.cancel()
    if (at.value === undefined) return
    const utterance = new SpeechSynthesisUtterance(sentences()[at.value])
    utterance.lang = 'en-GB'
    voice?.speak(utterance)
  }
  function go(to?: number) {
    at.value = to
    speak()
  }
  const stop = () => go()
  // Another step is another text.
  watch(() => sentences().join('\n'), stop)
  onUnmounted(stop)

  return {
    can: !!voice,
    reading: computed(() => (at.value === undefined ? undefined : sentences()[at.value])),
    left: computed(() => sentences().length - 1 - (at.value ?? -1)),
    start: () => go(0),
    next: () => go(at.value! + 1),
    repeat: speak,
    stop,
  }
}
