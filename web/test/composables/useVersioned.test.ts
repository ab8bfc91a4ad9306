import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { Refusal } from '@/api/client'
import { useVersioned, type Stored } from '@/composables/page/useVersioned'
import { mergeText } from '@/domain/merge'

/** A server with one text, as every colleague sees it. */
class Server {
  version = 1
  text = 'title: Tin\nsection 1\n1-4  vine R'
  by = 'Ines'
  answer: Promise<void> = Promise.resolve()

  stored(): Stored<string, null> {
    return { version: this.version, value: this.text, view: null, by: this.by }
  }

  write(text: string, by: string) {
    this.text = text
    this.by = by
    this.version++
  }
}

let server: Server
beforeEach(() => {
  localStorage.clear()
  server = new Server()
})

function page(me = 'Tomas') {
  return useVersioned<string, null>({
    key: () => 'ulna-test',
    load: async () => server.stored(),
    fresh: () => '',
    save: async (text, version) => {
      await server.answer
      if (version !== server.version) throw new Refusal(409, `${server.by} has changed this.`)
      server.write(text, me)
      return server.stored()
    },
    merge: mergeText,
  })
}

async function opened(me?: string) {
  const one = page(me)
  await one.open()
  return one
}

describe('what several people edit', () => {
  it('is kept on this machine until it is saved', async () => {
    const one = await opened()
    one.value.value = 'title: Copper'
    await nextTick()
    const again = await opened()
    expect(again.value.value).toBe('title: Copper')
    expect(again.restored.value).toBe(true)
    await again.save()
    expect(server.text).toBe('title: Copper')
    expect((await opened()).restored.value).toBe(false)
  })

  it('is in one state at a time, from loading to a clash and out of it', async () => {
    const one = page()
    const opening = one.open()
    expect(one.state.value).toBe('loading')
    await opening
    expect(one.state.value).toBe('clean')

    one.value.value = 'title: Copper'
    expect(one.state.value).toBe('draft')
    let answers = () => {}
    server.answer = new Promise((done) => (answers = done))
    const saving = one.save()
    expect(one.state.value).toBe('sending')
    answers()
    await saving
    expect(one.state.value).toBe('clean')

    one.value.value = 'title: Silver'
    server.answer = Promise.reject(new Refusal(0, 'The server does not answer.'))
    await expect(one.save()).rejects.toThrow('does not answer')
    expect(one.state.value).toBe('waiting')
    server.answer = Promise.resolve()
    await one.sendAgain()
    expect([one.state.value, server.text]).toEqual(['clean', 'title: Silver'])

    one.value.value = 'title: mine'
    server.write('title: Wilma’s', 'Wilma')
    await one.catchUp()
    expect(one.state.value).toBe('clash')
    one.keepMine()
    expect(one.state.value).toBe('draft')
    one.discard()
    expect(one.state.value).toBe('clean')
  })

  it('a draft of an older version is never put over a colleague’s newer text', async () => {
    const one = await opened()
    one.value.value = server.text.replace('Tin', 'Copper')
    await nextTick()
    server.write(server.text.replace('vine R', 'vine L'), 'Wilma')

    const again = await opened()
    expect(again.restored.value).toBe(false)
    expect(again.value.value).toBe(server.text)
    expect(again.clash.value).toMatchObject({
      by: 'Wilma',
      version: 2,
      mine: expect.stringContaining('Copper'),
    })
    await expect(again.save()).rejects.toThrow('Settle')
    expect(server.version).toBe(2)

    expect(again.merge()).toBe(0)
    await again.save()
    expect(server.text).toBe('title: Copper\nsection 1\n1-4  vine L')
  })

  it('a save that comes too late shows both, and loses neither over a reload', async () => {
    const one = await opened()
    server.write('title: Wilma’s', 'Wilma')
    one.value.value = 'title: mine'
    await nextTick()
    expect(await one.save()).toBeUndefined()
    expect(one.clash.value).toMatchObject({ mine: 'title: mine', theirs: 'title: Wilma’s', by: 'Wilma' })
    const again = await opened()
    expect(again.clash.value?.mine).toBe('title: mine')
    again.takeTheirs()
    await nextTick()
    expect(again.changed.value).toBe(false)
    expect((await opened()).clash.value).toBeUndefined()
  })

  it('one’s own can go on as a change of the newest version', async () => {
    const one = await opened()
    server.write('title: Wilma’s', 'Wilma')
    one.value.value = 'title: mine'
    await nextTick()
    await one.save()
    one.keepMine()
    await nextTick()
    await one.save()
    expect([server.text, server.version, server.by]).toEqual(['title: mine', 3, 'Tomas'])
  })

  it('the same change by both is no clash', async () => {
    const one = await opened()
    server.write('title: Copper', 'Wilma')
    one.value.value = 'title: Copper'
    await nextTick()
    await one.save()
    expect(one.clash.value).toBeUndefined()
    expect(one.changed.value).toBe(false)
  })

  it('what is typed while a save is on its way stays, and is not taken for saved', async () => {
    const one = await opened()
    let answers = () => {}
    server.answer = new Promise((done) => (answers = done))
    one.value.value = 'title: first'
    const saving = one.save()
    one.value.value = 'title: first and more'
    answers()
    await saving
    await flushPromises()
    expect(server.text).toBe('title: first')
    expect(one.value.value).toBe('title: first and more')
    expect(one.changed.value).toBe(true)
    expect((await opened()).value.value).toBe('title: first and more')
  })

  it('a refused save keeps what was typed and says why', async () => {
    const one = page()
    await one.open()
    server.answer = Promise.reject(new Refusal(422, 'Line 3 cannot be read.'))
    one.value.value = 'title: ?'
    await nextTick()
    await expect(one.save()).rejects.toThrow('Line 3')
    expect(one.value.value).toBe('title: ?')
    expect((await opened()).value.value).toBe('title: ?')
  })

  it('steps go back one by one, but never over a colleague’s change', async () => {
    const one = await opened()
    await one.commit('one')
    await one.commit('two')
    await one.undo()
    expect(server.text).toBe('one')
    server.write('Wilma’s', 'Wilma')
    await one.undo()
    expect(server.text).toBe('Wilma’s')
    expect(one.clash.value?.theirs).toBe('Wilma’s')
    expect(one.undoable.value).toEqual([])
  })

  it('a page that was left before it was loaded does not show it', async () => {
    let which = 'a'
    const one = useVersioned<string, null>({
      key: () => which,
      load: async () => {
        const wanted = which
        if (wanted === 'a') await flushPromises()
        return { version: 1, value: wanted, view: null, by: 'Ines' }
      },
      fresh: () => '',
      save: async () => server.stored(),
      merge: mergeText,
    })
    const slow = one.open()
    which = 'b'
    await one.open()
    await slow
    expect(one.value.value).toBe('b')
  })

  it('an answer that comes when the page shows something else does not touch it', async () => {
    let which = 'a'
    let answers = () => {}
    const late = new Promise<void>((done) => (answers = done))
    const saved: string[] = []
    const one = useVersioned<string, null>({
      key: () => which,
      load: async () => ({ version: which === 'a' ? 1 : 7, value: which, view: null, by: 'Ines' }),
      fresh: () => '',
      save: async (text, version) => {
        saved.push(text)
        await late
        return { version: version + 1, value: text, view: null, by: 'Tomas' }
      },
      merge: mergeText,
    })
    await one.open()
    one.value.value = 'a, changed'
    const saving = one.save()
    which = 'b'
    await one.open()
    answers()
    await saving
    expect(saved).toEqual(['a, changed'])
    expect(one.value.value).toBe('b')
    expect(one.stored.value?.version).toBe(7)
    expect(one.changed.value).toBe(false)
  })
})

describe('what a colleague saves while a page is open', () => {
  it('comes in as it is where nothing was changed here', async () => {
    const one = await opened()
    server.write('title: Copper\nsection 1\n1-4  vine R', 'Ines')
    expect(await one.catchUp('Ines')).toBe('taken')
    expect(one.value.value).toContain('Copper')
    expect(one.cameFrom.value).toBe('Ines')
    expect(one.outside.value).toBe(one.value.value)
    expect(await one.catchUp('Ines')).toBe('same')
  })

  it('is put together with what is written here, and both are saved', async () => {
    const one = await opened()
    one.value.value = server.text.replace('vine R', 'rocking chair')
    server.write(server.text.replace('Tin', 'Copper'), 'Ines')
    expect(await one.catchUp('Ines')).toBe('together')
    expect(one.value.value).toBe('title: Copper\nsection 1\n1-4  rocking chair')
    expect(one.changed.value).toBe(true)
    await one.save()
    expect(server.text).toBe('title: Copper\nsection 1\n1-4  rocking chair')
  })

  it('lies apart: a save that comes too late goes on by itself, with both', async () => {
    const one = await opened()
    one.value.value = server.text.replace('vine R', 'rocking chair')
    server.write(server.text.replace('Tin', 'Copper'), 'Ines')
    expect(await one.save()).toBeDefined()
    expect(server.text).toBe('title: Copper\nsection 1\n1-4  rocking chair')
    expect(one.clash.value).toBeUndefined()
  })

  it('meets what is written here: both are shown, and nothing is saved', async () => {
    const one = await opened()
    one.value.value = server.text.replace('Tin', 'Brass')
    server.write(server.text.replace('Tin', 'Copper'), 'Ines')
    expect(await one.catchUp('Ines')).toBe('clash')
    expect(one.clash.value?.mine).toContain('Brass')
    expect(one.clash.value?.theirs).toContain('Copper')
    expect(server.text).toContain('Copper')
  })

  it('is never taken away by a step back', async () => {
    const one = await opened()
    await one.commit(`${server.text}\n5-8  vine L`)
    server.write(server.text.replace('Tin', 'Copper'), 'Ines')
    await one.catchUp('Ines')
    await one.undo()
    expect(server.text).toContain('Copper')
    await one.commit(`${one.value.value}\n# by me`)
    server.write(server.text.replace('Copper', 'Brass'), 'Ines')
    await one.commit(`${one.value.value}\n# and again`)
    await one.undo()
    expect(server.text).toContain('Brass')
  })
})
