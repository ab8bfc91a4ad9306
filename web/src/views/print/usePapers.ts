import { ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { askTeach } from '@/composables/useTakeAlong'

/** What can be printed for an evening. */
export type PaperKind = 'plan' | 'songs' | 'teach' | 'calls' | 'sheet' | 'card'

/** A dance of the evening with its papers. */
export interface DancePapers {
  reading: Schemas['Reading']
  walls: Schemas['Walls']
  /** Where it is taught or walked through. */
  teach?: Schemas['TeachSheet']
}

/** All papers of a class, got one after the other so that one sees how far it is. */
export function usePapers() {
  const sheet = ref<Schemas['ClassSheet']>()
  const music = ref<Schemas['MusicOfClass']>()
  const dances = ref<DancePapers[]>([])
  const problem = ref('')
  const loading = ref(false)
  let asked = 0

  async function load(id: number) {
    const mine = ++asked
    loading.value = true
    problem.value = ''
    dances.value = []
    try {
      const path = { id }
      const [now, songs] = await Promise.all([
        ask(api.GET('/api/classes/{id}', { params: { path } })),
        ask(api.GET('/api/classes/{id}/music', { params: { path } })),
      ])
      if (mine !== asked) return
      sheet.value = now
      music.value = songs
      const met = new Set<number>()
      for (const line of now.lines) {
        if (!line.dance || met.has(line.dance)) continue
        met.add(line.dance)
        const papers = await papersOf(now.group, line, line.dance)
        if (mine !== asked) return
        dances.value = [...dances.value, papers]
      }
    } catch (e) {
      if (mine === asked) problem.value = (e as Error).message
    } finally {
      if (mine === asked) loading.value = false
    }
  }

  async function papersOf(group: number, line: Schemas['LineView'], dance: number): Promise<DancePapers> {
    const path = { id: dance }
    const [one, walls, teach] = await Promise.all([
      ask(api.GET('/api/dances/{id}', { params: { path } })),
      ask(api.GET('/api/dances/{id}/walls', { params: { path, query: {} } })),
      line.kind === 'TEACH' || line.kind === 'REMINDER' ? askTeach(group, line, dance) : undefined,
    ])
    return { reading: one.reading, walls, teach }
  }

  return { sheet, music, dances, problem, loading, load }
}
