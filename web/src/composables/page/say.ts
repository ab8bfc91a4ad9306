import { ElMessage } from 'element-plus'
import 'element-plus/es/components/message/style/css'

/** Says in passing what was done. */
export function sayDone(words: string) {
  ElMessage({ message: words, type: 'success', duration: 2500 })
}

/** Says what one should look at. */
export function sayNotice(words: string) {
  ElMessage({ message: words, type: 'warning', duration: 8000, showClose: true })
}

/** Says why something could not be done. */
export function sayFailed(words: string) {
  ElMessage({ message: words, type: 'error', duration: 8000, showClose: true })
}
