import { useEventListener, useIntervalFn, useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import { own } from '@/composables/device/own'
import { forgetEvening } from '@/composables/evening/useEvening'
import { api, ask, Refusal, type Schemas } from '@/api/client'
import { same } from '@/domain/merge'

/** A log that waits on this device until it is sent. */
export interface Waiting {
  id: number
  words: string
  body: Schemas['RecordForm']
  /** Why the server refused it; nothing while it only waits. */
  refused?: string
}

const AGAIN_MS = 15_000
/** Of whoever is signed in: nobody sees another's, or sends it. */
const waiting = useLocalStorage<Waiting[]>(() => own('outbox'), [], { flush: 'sync' })
let sending = false

const without = (id: number) => waiting.value.filter((one) => one.id !== id)

/** Sends what waits, one after the other; what the server refuses stays, with its reason. */
async function flush(): Promise<void> {
  if (sending) return
  sending = true
  const whose = own('outbox')
  const isTheirs = () => own('outbox') === whose
  try {
    for (const one of waiting.value.filter((it) => it.refused === undefined)) {
      // Somebody else may have signed in meanwhile.
      if (!isTheirs()) return
      const path = { id: one.id }
      try {
        await ask(api.POST('/api/classes/{id}/record', { params: { path }, body: one.body }))
        if (!isTheirs()) return
        // What was changed while it was on its way is still to be sent.
        const isSent = (it: Waiting) => it.id === one.id && same(it.body, one.body)
        if (waiting.value.some(isSent)) forgetEvening(one.id)
        waiting.value = waiting.value.filter((it) => !isSent(it))
      } catch (e) {
        if (!isTheirs()) return
        const refusal = e as Refusal
        // Away, asleep or signed out: it waits. Anything else is said, and nothing is thrown away.
        if (refusal.status === 0 || refusal.status === 401 || refusal.status >= 500) return
        waiting.value = waiting.value.map((it) =>
          it.id === one.id ? { ...it, refused: refusal.message } : it,
        )
      }
    }
  } finally {
    sending = false
  }
}

/** Logs of classes that are kept on this device and sent once. */
export function useOutbox() {
  const of = (id: number) => waiting.value.find((one) => one.id === id)

  /** Keeps a log and tries to send it. Its key makes the server take it once, however often it is sent. */
  async function send(one: Waiting): Promise<void> {
    waiting.value = [...without(one.id), one]
    await flush()
  }

  function forget(id: number) {
    waiting.value = without(id)
  }

  /** Tries again by itself while a page is open. */
  function keepTrying() {
    useEventListener(window, 'online', flush)
    useIntervalFn(() => {
      if (waiting.value.length) void flush()
    }, AGAIN_MS)
    void flush()
  }

  return { waiting: computed(() => waiting.value), of, send, flush, forget, keepTrying }
}
