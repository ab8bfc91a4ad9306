import { describe, expect, it, vi } from 'vitest'
import { Refusal } from '@/api/client'
import { useKept } from '@/composables/device/useKept'
import { within } from '../scope'

const AWAY = new Refusal(0, 'The server does not answer.')

/** A page for one thing after another; what is answered stands in the map. */
function page(answers: Map<number, () => Promise<string>>) {
  let id = 1
  const kept = within(() =>
    useKept(
      () => `ulna-test-${id}`,
      () => answers.get(id)!(),
    ),
  )
  return { ...kept, goTo: (to: number) => (id = to) }
}

describe('what is kept on the device', () => {
  it('is shown, and said to be old, while the server does not answer', async () => {
    const answers = new Map([[1, () => Promise.resolve('Tin')]])
    const one = page(answers)
    await one.load()
    expect([one.data.value, one.old.value]).toEqual(['Tin', false])
    answers.set(1, () => Promise.reject(AWAY))
    await one.load()
    expect([one.data.value, one.old.value, one.problem.value]).toEqual(['Tin', true, ''])
  })

  it('does not stand in for a refusal', async () => {
    localStorage.setItem('ulna-test-1', '"Tin"')
    const gone = new Refusal(410, 'This class is not here any more.')
    const one = page(new Map([[1, () => Promise.reject(gone)]]))
    await one.load()
    expect(one.problem.value).toBe('This class is not here any more.')
    expect(one.data.value).toBeUndefined()
  })

  it('is kept as what was asked for, whatever is asked for by the time of the answer', async () => {
    let answer: (what: string) => void = () => {}
    const answers = new Map<number, () => Promise<string>>([
      [1, () => new Promise((done) => (answer = done))],
      [2, () => Promise.reject(AWAY)],
    ])
    const one = page(answers)
    const first = one.load()
    one.goTo(2)
    answer('the first one')
    await first
    await one.load()
    expect(localStorage.getItem('ulna-test-1')).toBe('"the first one"')
    expect(one.problem.value).toBe(AWAY.message)
  })

  it('stays what it was on a device that is full, and what was asked for is shown', async () => {
    localStorage.setItem('ulna-test-1', '"Tin of last week"')
    const keep = vi.spyOn(localStorage, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    const one = page(new Map([[1, () => Promise.resolve('Tin')]]))
    await one.load()
    expect([one.data.value, one.problem.value]).toEqual(['Tin', ''])
    expect(keep).toHaveBeenCalledOnce()
    expect(localStorage.getItem('ulna-test-1')).toBe('"Tin of last week"')
  })
})
