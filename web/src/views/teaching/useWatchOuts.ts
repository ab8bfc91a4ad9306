import { ElMessageBox } from 'element-plus'
import 'element-plus/es/components/message-box/style/css'
import type { Ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useDo } from '@/composables/page/useDo'
import type { Loaded } from '@/composables/page/useLoad'

/** Marks on sections that trip people up; everybody sees them, and the teach is laid out by them. */
export function useWatchOuts(
  dance: Ref<number>,
  options: Loaded<Schemas['TeachOptions']>,
  changed: () => Promise<unknown>,
) {
  const { run } = useDo()

  async function note(section: number): Promise<string | undefined> {
    try {
      const said = await ElMessageBox.prompt(
        'What trips people up there? Colleagues see it, and the section gets a slow breakdown.',
        `Watch out in section ${section}`,
        { confirmButtonText: 'Mark it', cancelButtonText: 'Not now', inputPlaceholder: 'left foot is free' },
      )
      return said.value ?? ''
    } catch {
      return undefined
    }
  }

  /** Marks a section, or takes its mark away. */
  async function mark(section: number) {
    const known = options.data.value?.watchOuts.find((one) => one.section === section)
    const path = { id: dance.value, section }
    if (known) {
      const query = { version: known.version }
      await run(() => ask(api.DELETE('/api/dances/{id}/watch-outs/{section}', { params: { path, query } })))
    } else {
      const said = await note(section)
      if (said === undefined) return
      const body = { note: said, version: 0 }
      await run(() => ask(api.PUT('/api/dances/{id}/watch-outs/{section}', { params: { path }, body })))
    }
    await options.load()
    await changed()
  }

  return { mark }
}
