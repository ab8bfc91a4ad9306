import type { Schemas } from '@/api/client'

export type Song = Schemas['SongCard']
export type Sort = 'title' | 'artist' | 'speed'

export interface SongFilter {
  words: string
  meter: string
  style: string
  lacks: string
}

export const ANY: SongFilter = { words: '', meter: '', style: '', lacks: '' }

const LACKS: Record<string, (song: Song) => boolean> = {
  bpm: (song) => !song.bpm,
  length: (song) => song.seconds == null,
  intro: (song) => song.intro == null,
  phrases: (song) => !song.phrases,
}

const ORDER: Record<Sort, (a: Song, b: Song) => number> = {
  title: (a, b) => a.title.localeCompare(b.title),
  artist: (a, b) => (a.artist ?? '').localeCompare(b.artist ?? '') || a.title.localeCompare(b.title),
  speed: (a, b) => Number(a.countsPerMinute ?? 999) - Number(b.countsPerMinute ?? 999),
}

export function filterSongs(songs: Song[], filter: SongFilter, sort: Sort): Song[] {
  const words = filter.words.toLowerCase().split(/\s+/).filter(Boolean)
  return songs
    .filter((song) => {
      const text = [song.title, song.artist, song.style, song.kept].join(' ').toLowerCase()
      return (
        words.every((word) => text.includes(word)) &&
        (!filter.meter || song.meter === filter.meter) &&
        (!filter.style || song.style === filter.style) &&
        (!filter.lacks || LACKS[filter.lacks](song))
      )
    })
    .sort(ORDER[sort])
}
