import type { Schemas } from '@/api/client'

export type Song = Schemas['SongCard']
/** What a song can still be without. */
export type Lack = 'bpm' | 'length' | 'intro' | 'phrases'
export type Sort = 'title' | 'artist' | 'speed'

export interface SongFilter {
  words: string
  meter: Song['meter'] | ''
  style: string
  lacks: Lack | ''
}

export const ANY: SongFilter = { words: '', meter: '', style: '', lacks: '' }

const LACKS: Record<Lack, (card: Song) => boolean> = {
  bpm: (card) => card.song.bpm == null,
  length: (card) => card.song.seconds == null,
  intro: (card) => card.intro == null,
  phrases: (card) => !card.phrases,
}

const LAST = Number.MAX_VALUE
const byTitle = (a: Song, b: Song) => a.song.title.localeCompare(b.song.title)
const ORDER: Record<Sort, (a: Song, b: Song) => number> = {
  title: byTitle,
  artist: (a, b) => (a.song.artist ?? '').localeCompare(b.song.artist ?? '') || byTitle(a, b),
  // Those that are still to be measured come last.
  speed: (a, b) => (a.song.countsPerMinute ?? LAST) - (b.song.countsPerMinute ?? LAST) || byTitle(a, b),
}

/** The songs that fit, in order. */
export function filterSongs(songs: Song[], filter: SongFilter, sort: Sort): Song[] {
  const words = filter.words.toLowerCase().split(/\s+/).filter(Boolean)
  return songs
    .filter((card) => {
      const text = [card.song.title, card.song.artist, card.style, card.location].join(' ').toLowerCase()
      return (
        words.every((word) => text.includes(word)) &&
        (!filter.meter || card.meter === filter.meter) &&
        (!filter.style || card.style === filter.style) &&
        (!filter.lacks || LACKS[filter.lacks](card))
      )
    })
    .sort(ORDER[sort])
}
