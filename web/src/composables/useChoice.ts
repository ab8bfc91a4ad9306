import { ref, watch, type Ref } from 'vue'

/** A choice of this person on this machine that is remembered. */
export function useChoice<T extends string>(key: string, usual: T): Ref<T> {
  const choice = ref((localStorage.getItem(`ulna-${key}`) as T | null) ?? usual) as Ref<T>
  watch(choice, (now) => localStorage.setItem(`ulna-${key}`, now))
  return choice
}
