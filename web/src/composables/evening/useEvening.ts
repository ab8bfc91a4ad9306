import { useLocalStorage } from '@vueuse/core'
import type { Ref } from 'vue'
import { fresh, type Evening } from '@/domain/evening'

/** What a device keeps of a class: where its evening stands, its order, its log and what that begins with. */
type Part = 'evening' | 'class-copy' | 'log' | 'log-begin' | 'brief'

/** Under which key a device keeps a part of a class. */
export const keptAs = (part: Part, id: number | undefined): string => `ulna-${part}-${id ?? 0}`

/** Where the evening of a class stands on this device. */
export function useEvening(id: Ref<number | undefined>): Ref<Evening> {
  return useLocalStorage<Evening>(() => keptAs('evening', id.value), fresh())
}

/** What a log was made of is not kept once it is sent: names of a register are among it. */
export function forgetEvening(id: number): void {
  const parts: Part[] = ['evening', 'log', 'log-begin']
  parts.forEach((part) => localStorage.removeItem(keptAs(part, id)))
}

const WITH_NAMES: Part[] = ['log-begin', 'brief']

/** Names of a register do not stay on a device that nobody is signed in on. */
export function forgetNames(): void {
  Object.keys(localStorage)
    .filter((key) => WITH_NAMES.some((part) => key.startsWith(keptAs(part, undefined).replace(/0$/, ''))))
    .forEach((key) => localStorage.removeItem(key))
}
