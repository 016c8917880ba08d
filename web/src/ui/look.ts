import { useColorMode } from '@vueuse/core'

export const LOOKS = {
  auto: 'As the device is set',
  light: 'Light',
  daylight: 'Daylight: black on white',
  dark: 'Dark',
}

/** How this device draws everything: by the system's choice, or by hand. */
export const useLook = () =>
  useColorMode({
    attribute: 'data-look',
    modes: { light: 'light', daylight: 'daylight', dark: 'dark' },
    storageKey: 'grimy-gasket:look',
    disableTransition: false,
  })
