import { ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useLatest } from '@/composables/page/useLatest'
import { askTeach } from '@/composables/device/useTakeAlong'

/** What can be printed for an evening. */
export type PaperKind = 'plan' | 'songs' | 'teach' | 'calls' | 'sheet' | 'card'

/** A dance of the evening with its papers. */
export interface DancePapers {
  reading: Schemas['Reading']
  walls: Schemas['Walls']
  /** Where it is taught or walked through. */
  teach?: Schemas['TeachSheet']
}

/** All papers of a class or a social, got one after the other so that one sees how far it is. */
export function usePapers() {
  const sheet = ref<Schemas['ClassSheet']>()
  const social = ref<Schemas['SocialSheet']>()
  const music = ref<Schemas['MusicOfClass']>()
  const dances = ref<DancePapers[]>([])
  const { problem, loading, run } = useLatest()

  /** Gets papers, unless other ones are asked for in the meantime. */
  function get(papers: (isWanted: () => boolean) => Promise<void>) {
    problem.value = ''
    dances.value = []
    sheet.value = undefined
    social.value = undefined
    return run(papers)
  }

  const load = (id: number) =>
    get(async (isWanted) => {
      const path = { id }
      const [now, songs] = await Promise.all([
        ask(api.GET('/api/classes/{id}', { params: { path } })),
        ask(api.GET('/api/classes/{id}/music', { params: { path } })),
      ])
      if (!isWanted()) return
      sheet.value = now
      music.value = songs
      const met = new Set<number>()
      for (const line of now.lines) {
        if (!line.dance || met.has(line.dance)) continue
        met.add(line.dance)
        const teach =
          line.kind === 'TEACH' || line.kind === 'REMINDER'
            ? askTeach(now.group, line, line.dance)
            : Promise.resolve(undefined)
        const papers = { ...(await papersOf(line.dance)), teach: await teach }
        if (!isWanted()) return
        dances.value = [...dances.value, papers]
      }
    })

  const loadSocial = (id: number) =>
    get(async (isWanted) => {
      const now = await ask(api.GET('/api/socials/{id}', { params: { path: { id } } }))
      if (!isWanted()) return
      social.value = now
      const met = new Set(now.order.lines.flatMap((line) => line.dances.map((one) => one.dance)))
      for (const dance of met) {
        const papers = await papersOf(dance)
        if (!isWanted()) return
        dances.value = [...dances.value, papers]
      }
    })

  async function papersOf(dance: number): Promise<DancePapers> {
    const path = { id: dance }
    const [one, walls] = await Promise.all([
      ask(api.GET('/api/dances/{id}', { params: { path } })),
      ask(api.GET('/api/dances/{id}/walls', { params: { path, query: {} } })),
    ])
    return { reading: one.reading, walls }
  }

  return { sheet, social, music, dances, problem, loading, load, loadSocial }
}
