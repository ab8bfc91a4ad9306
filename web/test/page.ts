import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { onTestFinished, vi } from 'vitest'
import { createMemoryHistory, createRouter, type Router } from 'vue-router'
import type { Component } from 'vue'
import type { Schemas } from '@/api/client'
import { useSession } from '@/composables/people/useSession'
import { ODA } from './made'
import { ROLES, type BuiltIn } from './roles'

export interface Page {
  view: VueWrapper
  router: Router
  /** All words on the page, with single spaces. */
  words: () => string
  /** A button or link by its words. */
  press: (words: string) => Promise<void>
  /** What an element of the component library is told by a person's choice. */
  choose: (label: string, value: unknown) => Promise<void>
  /** Types into the field with that name. */
  type: (name: string, text: string) => Promise<void>
}

interface Options {
  props?: Record<string, unknown>
  slots?: Record<string, string | (() => unknown)>
  path?: string
  /** The route's path with its parameters, where the page reads them. */
  route?: string
  as?: BuiltIn | Schemas['Role']
  /** Nobody has an account yet. */
  nobody?: boolean
}

/** Long enough for a busy machine, in milliseconds: only what hangs should end a test. */
const AT_LAST = 120_000

/** Waits until a check holds that holds once the page has done something in its own time. */
export const until = (check: () => void): Promise<void> => vi.waitFor(check, AT_LAST)

const roleOf = (one: BuiltIn | Schemas['Role']) => (typeof one === 'string' ? ROLES[one] : one)

/** Shows a page or a part of one as the app does, signed in as an instructor unless said otherwise. */
export async function show(component: Component, options: Options = {}): Promise<Page> {
  const pinia = createPinia()
  setActivePinia(pinia)
  useSession().session = options.nobody
    ? { leads: [], needsSetup: true, invented: false }
    : { ...ODA, role: roleOf(options.as ?? 'INSTRUCTOR'), leads: [], needsSetup: false, invented: false }
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: options.route ?? '/here', component: { template: '<i />' } },
      { path: '/:rest(.*)*', component: { template: '<i />' } },
    ],
  })
  await router.push(options.path ?? '/here')
  const place = document.body.appendChild(document.createElement('div'))
  const view = mount(component, {
    props: options.props,
    slots: options.slots,
    global: { plugins: [pinia, router] },
    attachTo: place,
  })
  onTestFinished(() => {
    view.unmount()
    place.remove()
  })
  await flushPromises()
  const words = () => spoken(place)
  return {
    view,
    router,
    words,
    async press(wanted) {
      const found = view.findAll('button, a, summary').filter((one) => {
        const said = spoken(one.element)
        return said === wanted || one.attributes('aria-label') === wanted
      })
      if (found.length === 0) throw new Error(`There is no “${wanted}” on: ${words()}`)
      await found[found.length - 1].trigger('click')
      await flushPromises()
    },
    async choose(label, value) {
      const chosen = ['ElSelect', 'ElInputNumber', 'ElRadioGroup', 'ElCheckbox', 'ElCheckboxGroup'].flatMap(
        (name) => view.findAllComponents({ name }),
      )
      const found = chosen.find(
        (one) => one.props('ariaLabel') === label || one.attributes('aria-label') === label,
      )
      if (!found) throw new Error(`Nothing to choose is called “${label}”`)
      found.vm.$emit('update:modelValue', value)
      found.vm.$emit('change', value)
      await flushPromises()
    },
    async type(name, text) {
      await view.get(`[name="${name}"]`).setValue(text)
      await flushPromises()
    },
  }
}

/** What stands there as one reads it: words of different elements apart, marks close to their words. */
function spoken(node: Node): string {
  const texts: string[] = []
  const walk = document.createTreeWalker(node, NodeFilter.SHOW_TEXT)
  while (walk.nextNode()) texts.push(walk.currentNode.textContent ?? '')
  return texts
    .join(' ')
    .replace(/\s+/g, ' ')
    .replace(/ ([.,;:?!)”])/g, '$1')
    .replace(/([(“]) /g, '$1')
    .trim()
}
