import { describe, expect, it } from 'vitest'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'

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
