import { ElMessageBox } from 'element-plus'
import 'element-plus/es/components/message-box/style/css'
import { api, ask, type Schemas } from '@/api/client'
import { useDo } from '@/composables/useDo'

/** Writes what a helper offers into the dance, after a question. */
export function useTakeOver(walls: () => Schemas['Walls'], taken: () => void) {
  const { busy, run } = useDo()

  async function takeOver(stepText: string, title: string, words: string, done: string) {
    try {
      await ElMessageBox.confirm(words, title, {
        confirmButtonText: 'Write it in',
        cancelButtonText: 'Not now',
      })
    } catch {
      return
    }
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
