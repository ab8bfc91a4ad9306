import { describe, expect, it, vi } from 'vitest'
import { KeptDraft } from '@/composables/page/kept-draft'
import { useDo } from '@/composables/page/useDo'
import { useLatest } from '@/composables/page/useLatest'
import { useLoad } from '@/composables/page/useLoad'
import { draftKey } from '@/composables/device/own'

/** A question that is answered when the test says so. */
function question<T>() {
  let answer: (value: T) => void = () => {}
  let refuse: (why: Error) => void = () => {}
  const promise = new Promise<T>((done, fail) => {
    answer = done
    refuse = fail
  })
  return { promise, answer, refuse }
}

describe('what a page loads', () => {
  it('is the answer to the last question, whichever comes last', async () => {
    const questions = [question<string>(), question<string>()]
    let next = 0
    const page = useLoad(() => questions[next++].promise)
    const [first, second] = [page.load(), page.load()]
    questions[1].answer('new')
    await second
    questions[0].answer('old')
    await first
    expect(page.data.value).toBe('new')
    expect(page.loading.value).toBe(false)
  })

  it('a refusal that comes too late is not told either', async () => {
    const questions = [question<string>(), question<string>()]
    let next = 0
    const page = useLoad(() => questions[next++].promise)
    const [first, second] = [page.load(), page.load()]
    questions[1].answer('new')
    questions[0].refuse(new Error('too late'))
    await Promise.all([first, second])
    expect(page.problem.value).toBe('')
  })

  it('is there for whoever waits for a question that was overtaken', async () => {
    const questions = [question<string>(), question<string>()]
    let next = 0
    const page = useLoad(() => questions[next++].promise)
    let seen: string | undefined = 'not yet'
    const first = page.load().then(() => (seen = page.data.value))
    void page.load()
    questions[0].answer('old')
    await Promise.resolve()
    expect(seen).toBe('not yet')
    questions[1].answer('new')
    await first
    expect(seen).toBe('new')
  })

  it('keeps what it had when the next question is refused, and says why', async () => {
    const answers = [Promise.resolve('here'), Promise.reject(new Error('The server does not answer.'))]
    let next = 0
    const page = useLoad(() => answers[next++])
    await page.load()
    await page.load()
    expect(page.data.value).toBe('here')
    expect(page.problem.value).toBe('The server does not answer.')
  })
})

describe('what a later run overtakes', () => {
  it('is told so after each wait, and says nothing of how it went', async () => {
    const first = question<void>()
    const latest = useLatest()
    const seen: string[] = []
    const overtaken = latest.run(async (isWanted) => {
      seen.push(`begun ${isWanted()}`)
      await first.promise
      seen.push(`after ${isWanted()}`)
      throw new Error('too late')
    })
    const last = latest.run(async () => {})
    first.answer()
    await Promise.all([overtaken, last])
    expect(seen).toEqual(['begun true', 'after false'])
    expect([latest.problem.value, latest.loading.value]).toEqual(['', false])
  })

  it('can be dropped', async () => {
    const slow = question<void>()
    const latest = useLatest()
    const run = latest.run(() => slow.promise)
    expect(latest.loading.value).toBe(true)
    latest.drop()
    expect(latest.loading.value).toBe(false)
    slow.refuse(new Error('nobody asks any more'))
    await run
    expect(latest.problem.value).toBe('')
  })
})

describe('a draft', () => {
  it('is kept under its name, from when it was opened until it is forgotten', () => {
    const draft = new KeptDraft<string>()
    draft.write({ version: 1, base: 'a', mine: 'b' })
    expect([localStorage.length, draft.isOpen, draft.read()]).toEqual([0, false, undefined])
    draft.open('ulna-of-one')
    draft.write({ version: 1, base: 'a', mine: 'b' })
    expect(draft.read()).toEqual({ version: 1, base: 'a', mine: 'b' })
    draft.open('ulna-of-another')
    expect(draft.read()).toBeUndefined()
    draft.open('ulna-of-one')
    draft.forget()
    expect([localStorage.length, draft.read()]).toEqual([0, undefined])
  })

  it('that cannot be read is none', () => {
    const draft = new KeptDraft<string>()
    draft.open('ulna-broken')
    for (const text of ['{"mine":"b"}', 'no json', 'null', '[]']) {
      localStorage.setItem(draftKey('ulna-broken'), text)
      expect(draft.read(), text).toBeUndefined()
    }
  })

  it('on a device that is full is lost, and nothing else is', () => {
    const draft = new KeptDraft<string>()
    draft.open('ulna-full')
    const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    expect(() => draft.write({ version: 1, base: 'a', mine: 'b' })).not.toThrow()
    full.mockRestore()
  })
})

describe('a button', () => {
  it('does one thing at a time', async () => {
    const slow = question<void>()
    let times = 0
    const { busy, run } = useDo()
    const first = run(() => {
      times++
      return slow.promise
    })
    expect(busy.value).toBe(true)
    expect(await run(async () => times++)).toBe(false)
    slow.answer()
    expect(await first).toBe(true)
    expect(times).toBe(1)
    expect(busy.value).toBe(false)
  })

  it('can be pressed again after a refusal', async () => {
    const { busy, run } = useDo()
    expect(await run(() => Promise.reject(new Error('not now')))).toBe(false)
    expect(busy.value).toBe(false)
    expect(document.body.textContent).toContain('not now')
    expect(await run(async () => undefined)).toBe(true)
  })
})
