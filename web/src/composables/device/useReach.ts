import { readonly, ref } from 'vue'
import { onReach } from '@/api/client'

const away = ref(false)
onReach((there) => (away.value = !there))

/** Whether the server was away when it was last asked; what is shown then is what this device has kept. */
export function useReach() {
  return { away: readonly(away) }
}
