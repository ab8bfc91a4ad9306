import { useDocumentVisibility } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, onScopeDispose, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import type { Changed, Hello, There, Thing } from '@/api/live'
import { useSession } from '@/composables/people/useSession'

export type Place = Schemas['Place']

/** A page that nobody looks at lets go after so long: a browser has few lines to one server. */
const LET_GO_MS = 30_000
/** Where no line can be had, the next try waits so long. */
const AGAIN_MS = 10_000

/**
 * The line to the server on which it says what has just changed and who is where. It is open while
 * somebody is signed in and looks at the page; after every gap pages are told to look for what they
 * missed.
 */
export const useLive = defineStore('live', () => {
  const session = useSession()
  const visibility = useDocumentVisibility()
  const page = ref('')
  const place = ref<Place>()
  /** Who else is where this page is. */
  const others = ref<string[]>([])
  /** There was a line and it broke. */
  const broken = ref(false)
  const listeners = new Set<(changed: Changed | undefined) => void>()
  let source: EventSource | undefined
  let letGo: ReturnType<typeof setTimeout> | undefined
  let again: ReturnType<typeof setTimeout> | undefined

  const on = computed(() => page.value !== '')

  function open() {
    clearTimeout(again)
    const nobodyLooks = visibility.value === 'hidden'
    if (source || !session.name || nobodyLooks || typeof EventSource === 'undefined') return
    const line = new EventSource('/api/live/events')
    source = line
    line.addEventListener('hello', (event) => {
      page.value = (JSON.parse(event.data as string) as Hello).page
      broken.value = false
      void sayWhere()
      // What was changed while nobody listened.
      listeners.forEach((listener) => listener(undefined))
    })
    line.addEventListener('changed', (event) => {
      const changed = JSON.parse(event.data as string) as Changed
      listeners.forEach((listener) => listener(changed))
    })
    line.addEventListener('there', (event) => {
      const there = JSON.parse(event.data as string) as There
      if (isHere(there.place))
        others.value = there.people.filter((one) => !session.isMe(one)).map((one) => one.name)
    })
    line.addEventListener('error', () => {
      if (source !== line) return
      close()
      broken.value = true
      again = setTimeout(() => void tryAgain(), AGAIN_MS)
    })
  }

  /** Whoever was signed out meanwhile has no line to come back to. */
  async function tryAgain() {
    try {
      await session.load()
    } catch {
      // The server is away: the line says when it is back.
    }
    open()
  }

  function close() {
    clearTimeout(again)
    source?.close()
    source = undefined
    page.value = ''
    others.value = []
  }

  const isHere = (one: Place) =>
    one.spot === place.value?.spot && one.id === place.value.id && one.group === place.value.group

  async function sayWhere() {
    if (!page.value) return
    try {
      await ask(api.PUT('/api/live/here', { body: { page: page.value, place: place.value } }))
    } catch {
      // The line has just gone; with the next one it is said again.
    }
  }

  /** This page is there from now on. */
  function goTo(where: Place | undefined) {
    place.value = where
    others.value = []
    void sayWhere()
  }

  /** Calls back for each change, and with nothing where some may have been missed. */
  function listen(listener: (changed: Changed | undefined) => void): () => void {
    listeners.add(listener)
    return () => listeners.delete(listener)
  }

  watch(
    [() => session.name, visibility],
    ([name, seen]) => {
      clearTimeout(letGo)
      if (!name) close()
      else if (seen === 'visible') open()
      else letGo = setTimeout(close, LET_GO_MS)
    },
    { immediate: true },
  )

  /** This page has left a place; where it is elsewhere already, it stays there. */
  function leave(where: Place | undefined) {
    if (where && isHere(where)) goTo(undefined)
  }

  return { on, broken, others, goTo, leave, listen }
})

/** Says where this page is, as long as it is shown. */
export function useHere(place: () => Place | undefined): void {
  const live = useLive()
  watch(place, live.goTo, { immediate: true, deep: true })
  onScopeDispose(() => live.leave(place()))
}

/**
 * Calls back when somebody has changed a thing of these kinds, and when that may have been missed.
 *
 * @param id of the one that matters; nothing for all of them
 */
export function useChanges(
  things: Thing[],
  id: () => number | undefined,
  changed: (by: string | undefined, version: number) => void,
): void {
  const stop = useLive().listen((one) => {
    if (!one) changed(undefined, 0)
    else if (things.includes(one.thing) && (id() === undefined || one.id === id()))
      changed(one.by.name, one.version)
  })
  onScopeDispose(stop)
}
