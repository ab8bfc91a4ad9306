import { useLocalStorage } from '@vueuse/core'
import type { Ref } from 'vue'
import { own } from '@/composables/device/own'
import { fresh, type Evening } from '@/domain/evening'

/** What a device keeps of a class: where its evening stands, its order, its log and what that begins with. */
type Part = 'evening' | 'class-copy' | 'log' | 'log-begin'

/** Under which key a device keeps a part of a class. */
export const keptAs = (part: Part, id: number | undefined): string => own(`${part}-${id ?? 0}`)

/** Where the evening of a class stands on this device. */
export function useEvening(id: Ref<number | undefined>): Ref<Evening> {
  return useLocalStorage<Evening>(() => keptAs('evening', id.value), fresh())
}

/** What a log was made of is not kept once it is sent: names of who came are among it. */
export function forgetEvening(id: number): void {
  const parts: Part[] = ['evening', 'log', 'log-begin']
  parts.forEach((part) => localStorage.removeItem(keptAs(part, id)))
}
