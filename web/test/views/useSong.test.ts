import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { NEW_SONG, useSong } from '@/views/songs/useSong'
import { songCard } from '../made'
import { within } from '../scope'
import { askedOf, Refused, serve } from '../server'
import { draftKey } from '@/composables/device/own'

let kept = songCard({ id: 4 })

beforeEach(() => {
  kept = songCard({ id: 4 })
  serve({
    'GET /api/songs/{id}': () => kept,
    'POST /api/songs': ({ body }) => (kept = songCard({ id: 12 }, { title: body.title })),
    'PUT /api/songs/{id}': ({ body }) => {
      if (body.version !== kept.version) return new Refused(409, 'Changed in the meantime.')
      kept = songCard({ ...kept, version: kept.version + 1 }, { ...kept.song, title: body.title })
      return kept
    },
    'POST /api/songs/{id}/bring-back': ({ body }) =>
      (kept = songCard({ ...kept, version: body.version + 1 }, { title: `as in version ${body.to}` })),
    'DELETE /api/songs/{id}': () => undefined,
  })
})

async function opened(id?: number) {
  const song = within(useSong)
  await song.open(id)
  return song
}

describe('a song that is being entered', () => {
  it('is shown as one would type it', async () => {
    const song = await opened(4)
    expect(song.entry.value.value).toEqual({
      title: 'Half Past Harvest',
      artist: 'The Lamplighters',
      bpm: '126.5',
      countRate: '1',
      length: '3:05',
      intro: '32',
      meter: '4/4',
      style: 'two-step',
      phrases: 'A 32',
      location: '',
      explicitWords: false,
    })
    kept = songCard(
      { meter: 'THREE', intro: undefined, style: undefined },
      { bpm: undefined, seconds: undefined },
    )
    await song.open(4)
    expect(song.entry.value.value).toMatchObject({ meter: '3/4', bpm: '', length: '', intro: '', style: '' })
  })

  it('that is new begins empty and keeps its number from the first save on', async () => {
    const song = await opened()
    expect(song.entry.value.value).toEqual(NEW_SONG)
    song.entry.value.value.title = 'Lantern Waltz'
    await flushPromises()
    expect(localStorage.getItem(draftKey('song-entry-new'))).toContain('Lantern Waltz')
    await song.entry.save()
    expect(song.id.value).toBe(12)
    expect(localStorage.length).toBe(0)
    song.entry.value.value.title = 'Lantern Waltz, slow'
    await song.entry.save()
    expect(askedOf('POST', '/api/songs')).toHaveLength(1)
    expect(askedOf('PUT', '/api/songs/12')[0].body).toMatchObject({
      version: 1,
      title: 'Lantern Waltz, slow',
    })
  })

  it('keeps what both changed apart by field, and one’s own where both changed one', async () => {
    const song = await opened(4)
    song.entry.value.value.title = 'Mine'
    kept = songCard({ version: 2, style: 'polka' }, { title: 'Theirs' })
    await song.entry.save()
    expect(song.entry.clash.value).toBeDefined()
    expect(song.entry.merge()).toBe(1)
    expect(song.entry.value.value).toMatchObject({ title: 'Mine', style: 'polka' })
    await song.entry.save()
    expect(kept).toMatchObject({ version: 3, style: 'polka', song: { title: 'Mine' } })
  })

  it('comes back from its history, and goes with its version', async () => {
    const song = await opened(4)
    await song.bringBack(1)
    expect(song.entry.value.value.title).toBe('as in version 1')
    await song.remove()
    expect(askedOf('DELETE', '/api/songs/4')[0].query.get('version')).toBe('2')
  })
})
