import { useColorMode } from '@vueuse/core'
import { computed } from 'vue'

const mode = useColorMode({
  storageKey: 'ulna-theme',
  modes: { light: '', dark: 'dark' },
  disableTransition: false,
})

/** Light or dark, as the machine has it or as was chosen here. */
export function useTheme() {
  const theme = computed(() => (mode.value === 'dark' ? 'dark' : 'light'))
  const toggle = () => (mode.value = theme.value === 'dark' ? 'light' : 'dark')
  return { theme, toggle }
}
