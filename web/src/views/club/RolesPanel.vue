<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import { confirmed } from '@/composables/page/confirm'
import { useDo } from '@/composables/page/useDo'
import RoleForm from './RoleForm.vue'
import { useRoles } from './useRoles'

/** What people of the club may do: four roles that are there, and those of the club's own. */
type RoleView = Schemas['RoleView']
const all = useRoles()
const { busy, run } = useDo()
/** The one that is being changed; "new" for one that is being made. */
const open = ref<string>()
onMounted(all.load)

async function done() {
  open.value = undefined
  await all.load()
}

async function remove({ role, version }: RoleView) {
  if (!(await confirmed(`Remove the role ${role.name}?`, 'Nobody has it.', 'Remove', 'Keep'))) return
  const params = { path: { code: role.code }, query: { version } }
  await run(() => ask(api.DELETE('/api/roles/{code}', { params })), `${role.name}: removed.`)
  await all.load()
}
function holders(count: number): string {
  if (count === 0) return 'nobody has it'
  return count === 1 ? 'one has it, or is invited to it' : `${count} have it, or are invited to it`
}
</script>

<template>
  <section class="card stack" aria-label="Roles">
    <div class="row spread">
      <div>
        <h2>Roles</h2>
        <p class="quiet">What people may do. Beside the four that every club has, you can make your own.</p>
      </div>
      <el-button v-if="open !== 'new'" @click="open = 'new'">New role</el-button>
    </div>
    <RoleForm v-if="open === 'new'" @done="done" @cancel="open = undefined" />
    <PageState
      :loading="all.loading && !all.data"
      :problem="all.problem"
      :ready="!!all.data"
      @again="all.load"
    >
      <ul class="rows">
        <li v-for="one in all.roles" :key="one.role.code">
          <div class="row spread">
            <span
              ><strong>{{ one.role.name }}</strong> <span class="quiet after">{{ one.role.may }}</span></span
            >
            <span v-if="one.builtIn" class="quiet">in every club</span>
            <span v-else class="row">
              <span class="quiet">{{ holders(one.holders) }}</span>
              <el-button size="small" @click="open = one.role.code">Change</el-button>
              <el-button size="small" :loading="busy" :disabled="one.holders > 0" @click="remove(one)"
                >Remove</el-button
              >
            </span>
          </div>
          <RoleForm
            v-if="open === one.role.code"
            :role="one.role"
            :version="one.version"
            @done="done"
            @cancel="open = undefined"
          />
        </li>
      </ul>
    </PageState>
  </section>
</template>
