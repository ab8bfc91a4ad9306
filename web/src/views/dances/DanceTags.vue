<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'

/** The club's own tags of a dance: by them it belongs to a theme. */
const props = defineProps<{ dance: number }>()
const session = useSession()
const { busy, run } = useDo()
const path = () => ({ id: props.dance })
const { data, load } = useLoad(() => ask(api.GET('/api/dances/{id}/tags', { params: { path: path() } })))
const editing = ref(false)
const tags = ref<string[]>([])
watch(() => props.dance, load, { immediate: true })

function edit() {
  tags.value = [...(data.value ?? [])]
  editing.value = true
}
async function save() {
  const body = { tags: tags.value }
  if (await run(() => ask(api.PUT('/api/dances/{id}/tags', { params: { path: path() }, body })))) {
    editing.value = false
    await load()
  }
}
</script>

<template>
  <p v-if="data && (data.length || session.may('CHANGE_DANCES'))" class="row no-print">
    <template v-if="!editing">
      <span v-for="tag in data" :key="tag" class="chip">{{ tag }}</span>
      <button v-if="session.may('CHANGE_DANCES')" type="button" class="plain-button" @click="edit">
        {{ data.length ? 'Change tags' : 'Add tags' }}
      </button>
    </template>
    <template v-else>
      <el-select
        v-model="tags"
        multiple
        filterable
        allow-create
        default-first-option
        :reserve-keyword="false"
        placeholder="tags, for themes"
        aria-label="Tags of this dance"
        style="width: 280px"
      />
      <el-button size="small" type="primary" :loading="busy" @click="save">Keep</el-button>
      <el-button size="small" @click="editing = false">Cancel</el-button>
    </template>
  </p>
</template>
