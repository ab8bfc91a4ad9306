import { ElMessage } from 'element-plus'
import 'element-plus/es/components/message/style/css'
import { ref } from 'vue'

/** Does one thing at a time for a button, and says in words when it cannot be done. */
export function useDo() {
  const busy = ref(false)

  async function run(action: () => Promise<unknown>, done = ''): Promise<boolean> {
    if (busy.value) return false
    busy.value = true
    try {
      await action()
      if (done) ElMessage({ message: done, type: 'success', duration: 2500 })
      return true
    } catch (e) {
      ElMessage({ message: (e as Error).message, type: 'error', duration: 8000, showClose: true })
      return false
    } finally {
      busy.value = false
    }
  }

  return { busy, run }
}
