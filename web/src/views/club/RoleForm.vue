<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import FormField from '@/components/form-field/FormField.vue'
import { useDo } from '@/composables/page/useDo'
import type { Ability } from '@/composables/people/useSession'
import { useRoles } from './useRoles'

/** A role of the club's own: a name, and what it does. What an ability brings is ticked with it. */
const props = defineProps<{ role?: Schemas['Role']; version?: number }>()
const emit = defineEmits<{ done: []; cancel: [] }>()
const all = useRoles()
const { busy, run } = useDo()
const name = ref(props.role?.name ?? '')
const chosen = ref<Ability[]>([...(props.role?.abilities ?? ['READ'])])
const offered = computed(() => all.abilities.filter((one) => one.offered))

/** Those by which one comes anyway, so that it cannot be left out. */
function broughtBy(ability: Ability) {
  return offered.value.filter(
    (one) => one.ability !== ability && chosen.value.includes(one.ability) && one.brings.includes(ability),
  )
}

function choose(ability: Ability, on: boolean) {
  const one = offered.value.find((it) => it.ability === ability)
  chosen.value = on
    ? [...new Set([...chosen.value, ...(one?.brings ?? [])])]
    : chosen.value.filter((it) => it !== ability)
}

async function save() {
  const body = { name: name.value, abilities: chosen.value, version: props.version ?? 0 }
  const { role } = props
  const done = await run(
    () =>
      role
        ? ask(api.PUT('/api/roles/{code}', { params: { path: { code: role.code } }, body }))
        : ask(api.POST('/api/roles', { body })),
    `${name.value}: saved${role ? ', and it counts at once for everybody who has it' : ''}.`,
  )
  if (done) emit('done')
}
</script>

<template>
  <form class="stack" :aria-label="role ? `Change the role ${role.name}` : 'New role'" @submit.prevent="save">
    <FormField label="Name of the role"
      ><el-input v-model="name" name="role-name" maxlength="40" style="width: min(320px, 76vw)"
    /></FormField>
    <fieldset>
      <legend>Whoever has it …</legend>
      <el-checkbox
        v-for="one in offered"
        :key="one.ability"
        :model-value="chosen.includes(one.ability)"
        :disabled="one.ability === 'READ' || broughtBy(one.ability).length > 0"
        @update:model-value="(on: unknown) => choose(one.ability, on === true)"
        >{{ one.words }}</el-checkbox
      >
    </fieldset>
    <div class="row end">
      <el-button type="primary" native-type="submit" :loading="busy" :disabled="!name.trim()">Save</el-button>
      <el-button @click="emit('cancel')">Leave it</el-button>
    </div>
  </form>
</template>

<style scoped>
form {
  padding: var(--space-2) 0;
}
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  display: grid;
}
legend {
  padding: 0;
  font-weight: 600;
}
fieldset :deep(.el-checkbox) {
  height: auto;
  padding: var(--space-1) 0;
  margin-right: 0;
  align-items: start;
  white-space: normal;
}
fieldset :deep(.el-checkbox__input) {
  padding-top: 2px;
}
fieldset :deep(.el-checkbox__label) {
  line-height: 1.35;
}
</style>
