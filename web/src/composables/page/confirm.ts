import { ElMessageBox } from 'element-plus'
import 'element-plus/es/components/message-box/style/css'

/** Asks before something is done; whether it was agreed to. */
export async function confirmed(title: string, words: string, yes: string, no: string): Promise<boolean> {
  try {
    await ElMessageBox.confirm(words, title, {
      confirmButtonText: yes,
      cancelButtonText: no,
      type: 'warning',
    })
    return true
  } catch {
    return false
  }
}
