import { describe, expect, it } from 'vitest'
import { nextTick, ref } from 'vue'
import { forgetEvening, forgetNames, keptAs, useEvening } from '@/composables/evening/useEvening'
import { fresh } from '@/domain/evening'
import { within } from '../scope'

describe('what a device keeps of an evening', () => {
  it('is where it stands, for each class by itself, and over a reload', async () => {
    const id = ref<number | undefined>(1)
    const evening = within(() => useEvening(id))
    expect(evening.value).toEqual(fresh())
    evening.value = { ...evening.value, on: 3 }
    await nextTick()
    id.value = 2
    await nextTick()
    expect(evening.value).toEqual(fresh())
    expect(within(() => useEvening(ref(1))).value.on).toBe(3)
  })

  it('is forgotten once its log is sent, and no other class with it', () => {
    for (const id of [1, 12]) {
      for (const part of ['evening', 'log', 'log-begin', 'brief', 'class-copy'] as const) {
        localStorage.setItem(keptAs(part, id), 'x')
      }
    }
    forgetEvening(1)
    expect(Object.keys(localStorage).sort()).toEqual(
      ['ulna-brief-1', 'ulna-class-copy-1']
        .concat(['brief', 'class-copy', 'evening', 'log', 'log-begin'].map((part) => `ulna-${part}-12`))
        .sort(),
    )
  })

  it('has no names in it any more when nobody is signed in', () => {
    for (const part of ['evening', 'log', 'log-begin', 'brief', 'class-copy'] as const) {
      localStorage.setItem(keptAs(part, 3), 'x')
    }
    localStorage.setItem('ulna-sheets', 'x')
    forgetNames()
    expect(Object.keys(localStorage).sort()).toEqual([
      'ulna-class-copy-3',
      'ulna-evening-3',
      'ulna-log-3',
      'ulna-sheets',
    ])
  })
})
