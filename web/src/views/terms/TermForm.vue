<script setup lang="ts">
import { computed, onMounted, reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import FormField from '@/components/form-field/FormField.vue'
import GroupNumbers from '@/components/group-numbers/GroupNumbers.vue'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'

/** A new term: from when to when, which groups, how many new dances each. */
const emit = defineEmits<{ cancel: [] }>()
const USUAL_NEW = 5
const router = useRouter()
const { busy, run } = useDo()
const groups = useLoad(() => ask(api.GET('/api/groups')))
const form = reactive<{ name: string; days: [string, string] | null; social: string | null }>({
  name: '',
  days: null,
  social: null,
})
const most = ref<Record<number, number>>({})
const ready = computed(() => form.name.trim() && form.days)
onMounted(async () => {
  await groups.load()
  most.value = Object.fromEntries((groups.data.value ?? []).map((one) => [one.id, USUAL_NEW]))
})

async function make() {
  if (!form.days) return
  const [from, to] = form.days
  const body = {
    name: form.name.trim(),
    from,
    to,
    social: form.social ?? undefined,
    version: 0,
    groups: Object.entries(most.value).map(([group, mostNew]) => ({
      group: Number(group),
      mostNew,
      social: !!form.social,
    })),
  }
  await run(async () => {
    const made = await ask(api.POST('/api/terms', { body }))
    await router.push(`/terms/${made.id}`)
  })
}
</script>

<template>
  <form class="card stack" @submit.prevent="make">
    <div class="row fields">
      <FormField label="Name"><el-input v-model="form.name" name="name" maxlength="60" /></FormField>
      <FormField label="From and to">
        <el-date-picker
          v-model="form.days"
          type="daterange"
          value-format="YYYY-MM-DD"
          start-placeholder="first day"
          end-placeholder="last day"
          aria-label="From and to"
        />
      </FormField>
      <FormField label="Social" hint="where all dance together, if there is one">
        <el-date-picker v-model="form.social" value-format="YYYY-MM-DD" aria-label="Social" />
      </FormField>
    </div>
    <fieldset>
      <legend>New dances a group takes in the term, at the most</legend>
      <GroupNumbers
        v-model="most"
        :groups="groups.data.value ?? []"
        of="New dances of"
        :min="0"
        :max="20"
        :usual="USUAL_NEW"
      />
    </fieldset>
    <div class="row">
      <el-button type="primary" native-type="submit" :disabled="!ready" :loading="busy">Make it</el-button>
      <el-button @click="emit('cancel')">Cancel</el-button>
    </div>
  </form>
</template>

<style scoped>
.fields {
  align-items: start;
}
</style>
