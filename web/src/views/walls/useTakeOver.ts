import { api, ask, type Schemas } from '@/api/client'
import { confirmed } from '@/composables/page/confirm'
import { propose } from '@/composables/together/usePropose'
import { useSession } from '@/composables/people/useSession'
import { useDo } from '@/composables/page/useDo'

/** Writes what a helper offers into the dance, after a question. */
export function useTakeOver(walls: () => Schemas['Walls'], taken: () => void) {
  const { busy, run } = useDo()
  const session = useSession()

  async function takeOver(stepText: string, title: string, words: string, done: string) {
    if (!session.may('CHANGE_DANCES')) {
      const { dance, version } = walls()
      const now = await ask(api.GET('/api/dances/{id}', { params: { path: { id: dance } } }))
      await run(async () => {
        if (now.version !== version) throw new Error('The dance has just been changed; look at it again.')
        await propose('DANCE', dance, version, now.stepText, stepText)
      })
      return
    }
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
