/**
 * The page, as the editor is given it: its styles go into a sheet of their own instead of a style
 * element, which the page's security policy does not allow.
 */
export const PAGE_ROOT: Document = new Proxy(document, {
  get(page, name) {
    if (name === 'head' && 'adoptedStyleSheets' in page) return undefined
    const value: unknown = Reflect.get(page, name, page)
    return typeof value === 'function' ? value.bind(page) : value
  },
  set: (page, name, value) => Reflect.set(page, name, value, page),
})
