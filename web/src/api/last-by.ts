import { api, ask } from './client'

/** Who changed something last, as its history tells it. */
export async function lastBy(thing: 'GROUP' | 'CLASS' | 'SOCIAL', id: number): Promise<string> {
  try {
    const history = await ask(api.GET('/api/history/{thing}/{id}', { params: { path: { thing, id } } }))
    return history[0]?.by.name ?? 'a colleague'
  } catch {
    // A name is no reason not to show the thing itself, where there is no network.
    return 'a colleague'
  }
}
