import { describe, expect, it } from 'vitest'
import { nextTick, ref } from 'vue'
import { forgetEvening, keptAs, useEvening } from '@/composables/evening/useEvening'
import { own } from '@/composables/device/own'
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
      for (const part of ['evening', 'log', 'log-begin', 'class-copy'] as const) {
        localStorage.setItem(keptAs(part, id), 'x')
      }
    }
    forgetEvening(1)
    expect(Object.keys(localStorage).sort()).toEqual(
      ['class-copy-1', 'class-copy-12', 'evening-12', 'log-12', 'log-begin-12'].map(own),
    )
  })
})
