import { defineStore } from 'pinia'
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import { useLoad } from '@/composables/page/useLoad'

/** The club's roles, and the abilities of which an owner can make others. */
export const useRoles = defineStore('roles', () => {
  const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/roles')))
  const roles = computed(() => data.value?.roles ?? [])
  const abilities = computed(() => data.value?.abilities ?? [])
  return { data, roles, abilities, problem, loading, load }
})
