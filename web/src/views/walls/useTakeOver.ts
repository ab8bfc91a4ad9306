import { api, ask, type Schemas } from '@/api/client'
import { confirmed } from '@/composables/confirm'
import { useDo } from '@/composables/useDo'

/** Writes what a helper offers into the dance, after a question. */
export function useTakeOver(walls: () => Schemas['Walls'], taken: () => void) {
  const { busy, run } = useDo()

  async function takeOver(stepText: string, title: string, words: string, done: string) {
    if (!(await confirmed(title, words, 'Write it in', 'Not now'))) return
    const kept = await run(
      () =>
        ask(
          api.PUT('/api/dances/{id}', {
            params: { path: { id: walls().dance } },
            body: { stepText, version: walls().version },
          }),
        ),
      done,
    )
    if (kept) taken()
  }

  return { busy, takeOver }
}
