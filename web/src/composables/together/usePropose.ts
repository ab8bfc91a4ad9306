import { ElMessageBox } from 'element-plus'
import 'element-plus/es/components/message-box/style/css'
import { api, ask, type Schemas } from '@/api/client'
import { sayDone } from '@/composables/page/say'

/** What one may not change oneself is proposed to the instructors, with a word why. */
export async function propose(
  thing: Schemas['ProposalForm']['thing'],
  id: number,
  version: number,
  base: string,
  content: string,
): Promise<boolean> {
  let note: string
  try {
    const said = await ElMessageBox.prompt(
      'An instructor sees what you changed and takes it over with one click.',
      'Propose this change',
      { confirmButtonText: 'Propose', cancelButtonText: 'Not now', inputPlaceholder: 'why (may be empty)' },
    )
    note = said.value ?? ''
  } catch {
    return false
  }
  const body = { thing, id, version, base, content, note: note.slice(0, 300) }
  await ask(api.POST('/api/proposals', { body }))
  sayDone('Proposed; you see under “Waiting” what becomes of it.')
  return true
}
