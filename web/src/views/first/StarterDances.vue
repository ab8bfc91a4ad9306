<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask } from '@/api/client'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'

/** Easy dances that come with the program, to choose from. */
const emit = defineEmits<{ taken: [] }>()
const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/starter-dances')))
const { busy, run } = useDo()
const chosen = ref<string[]>([])
const fresh = computed(() => (data.value ?? []).filter((one) => !one.here))
const all = computed(() => fresh.value.length > 0 && chosen.value.length === fresh.value.length)
onMounted(load)

function takeAll(now: boolean) {
  chosen.value = now ? fresh.value.map((one) => one.file) : []
}

async function take() {
  const body = { files: chosen.value }
  if (!(await run(() => ask(api.POST('/api/starter-dances', { body })), 'They are among your dances.')))
    return
  chosen.value = []
  await load()
  emit('taken')
}
</script>

<template>
  <PageState :loading="loading && !data" :problem :ready="!!data" @again="load">
    <el-checkbox
      v-if="fresh.length"
      :model-value="all"
      label="All of them"
      @update:model-value="(now: string | number | boolean) => takeAll(!!now)"
    />
    <el-checkbox-group v-model="chosen" class="set">
      <div v-for="one in data" :key="one.file" class="dance" :class="{ here: one.here }">
        <el-checkbox :value="one.file" :disabled="one.here" :aria-label="one.title" />
        <div>
          <p>
            <b>{{ one.title }}</b> <span v-if="one.here" class="chip">yours already</span>
          </p>
          <p class="facts">
            <LevelMark :level="one.level" />
            <span class="quiet"
              >{{ one.counts }} counts, {{ one.walls }} {{ one.walls === 1 ? 'wall' : 'walls' }}</span
            >
          </p>
          <p class="quiet">{{ one.note }}</p>
        </div>
      </div>
    </el-checkbox-group>
    <div v-if="fresh.length" class="row">
      <el-button type="primary" :disabled="!chosen.length" :loading="busy" @click="take">{{
        chosen.length === 1 ? 'Take this one' : `Take ${chosen.length || ''} dances`.replace('  ', ' ')
      }}</el-button>
      <span class="quiet">They are yours then: change them, or remove them.</span>
    </div>
  </PageState>
</template>

<style scoped>
.set {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr));
  gap: 2px var(--space-4);
  font-size: inherit;
  line-height: inherit;
}
.dance {
  display: grid;
  grid-template-columns: 22px 1fr;
  border-top: 1px solid var(--line);
  padding: 6px 0;
  align-items: start;
}
.dance.here {
  color: var(--text-soft);
}
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: center;
}
</style>
