import { ref, watchEffect } from 'vue'

const KEY = 'ulna-theme'
type Theme = 'light' | 'dark'

const system = window.matchMedia('(prefers-color-scheme: dark)')
const stored = localStorage.getItem(KEY) as Theme | null
const theme = ref<Theme>(stored ?? (system.matches ? 'dark' : 'light'))

watchEffect(() => document.documentElement.classList.toggle('dark', theme.value === 'dark'))

/** Light or dark, as the machine has it or as was chosen here. */
export function useTheme() {
  function toggle() {
    theme.value = theme.value === 'dark' ? 'light' : 'dark'
    localStorage.setItem(KEY, theme.value)
  }
  return { theme, toggle }
}
