import { useLocalStorage } from '@vueuse/core'
import type { Ref } from 'vue'

/** A choice of this person on this machine that is remembered. */
export function useChoice<T extends string>(key: string, usual: T): Ref<T> {
  return useLocalStorage<T>(`ulna-${key}`, usual)
}
