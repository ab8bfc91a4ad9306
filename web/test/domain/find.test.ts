import { describe, expect, it } from 'vitest'
import { find, type Findable } from '@/domain/find'

const THINGS: Findable[] = [
  { kind: 'page', title: 'Dances', note: '', to: '/dances' },
  { kind: 'dance', title: 'Café at Dawn', note: 'beginner 32 counts', to: '/dances/1' },
  { kind: 'dance', title: 'Dawn Chorus', note: 'improver 48 counts', to: '/dances/2' },
  { kind: 'song', title: 'Dawn', note: 'The Quiet Pilots', to: '/songs/1' },
  { kind: 'figure', title: 'coaster step', note: 'coaster', to: '/figures?words=coaster step' },
]
const titles = (words: string) => find(THINGS, words, 9).map((one) => one.title)

describe('find', () => {
  it('compares words without marks and case', () => {
    expect(titles('cafe')).toEqual(['Café at Dawn'])
    expect(titles('CAFÉ daw')).toEqual(['Café at Dawn'])
  })
  it('puts what begins so before what has it inside, and short before long', () => {
    expect(titles('dawn')).toEqual(['Dawn', 'Dawn Chorus', 'Café at Dawn'])
  })
  it('wants all words, some of which may be said beside the title', () => {
    expect(titles('dawn song')).toEqual(['Dawn'])
    expect(titles('dawn beginner')).toEqual(['Café at Dawn'])
    expect(titles('dawn waltz')).toEqual([])
  })
  it('begins with what comes first, and gives no more than it is asked for', () => {
    expect(find(THINGS, ' ', 2).map((one) => one.title)).toEqual(['Dances', 'Café at Dawn'])
  })
})
