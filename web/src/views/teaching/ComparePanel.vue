<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import ShareBar from '@/components/share-bar/ShareBar.vue'
import { useLoad } from '@/composables/page/useLoad'
import { MODE_WORDS, type School } from '@/domain/labels'
import { minutesSeconds } from '@/domain/time'

/** Another school beside this teach, for the same minutes. */
const props = defineProps<{
  sheet: Schemas['TeachSheet']
  schools: Schemas['SchoolView'][]
  own: boolean
}>()
const emit = defineEmits<{ take: [school: School] }>()
const other = ref(props.schools.find((one) => one.school !== props.sheet.school)?.school ?? 'ADD_ON')
const { data, problem, loading, load } = useLoad(() =>
  ask(
    api.GET('/api/dances/{id}/teach', {
      params: {
        path: { id: props.sheet.dance },
        query: { group: props.sheet.group, minutes: props.sheet.minutes, school: other.value },
      },
    }),
  ),
)
watch(() => [other.value, props.sheet.minutes, props.sheet.group], load, { immediate: true })
const name = (of?: School) => props.schools.find((one) => one.school === of)?.name ?? ''
const end = (sheet: Schemas['TeachSheet'], piece: number) =>
  sheet.drills[sheet.drills.length - 1]?.ready[piece] ?? sheet.pieces[piece].before
const sections = computed(() =>
  props.sheet.pieces.map((piece, i) => ({ ...piece, i })).filter((one) => one.section),
)
</script>

<template>
  <section class="card stack">
    <div class="row spread">
      <h2>Beside it</h2>
      <el-select v-model="other" style="width: 220px" aria-label="Compare with">
        <el-option v-for="one in schools" :key="one.school" :label="one.name" :value="one.school" />
      </el-select>
    </div>
    <PageState :loading :problem :ready="!!data" @again="load">
      <template v-if="data">
        <table>
          <thead>
            <tr>
              <th />
              <th scope="col">{{ own ? 'Our own order' : name(sheet.school) }}</th>
              <th scope="col">{{ name(data.school) }}</th>
            </tr>
          </thead>
          <tbody class="number">
            <tr>
              <th scope="row">takes</th>
              <td>{{ minutesSeconds(sheet.seconds) }}</td>
              <td>{{ minutesSeconds(data.seconds) }}</td>
            </tr>
            <tr>
              <th scope="row">reaches</th>
              <td>{{ sheet.reached.length }} of {{ sheet.sections }}</td>
              <td>{{ data.reached.length }} of {{ data.sections }}</td>
            </tr>
            <tr>
              <th scope="row">least practised</th>
              <td>{{ sheet.leastDone }} %</td>
              <td>{{ data.leastDone }} %</td>
            </tr>
            <tr v-for="one in sections" :key="one.i">
              <th scope="row">{{ one.label }}</th>
              <td>
                <ShareBar class="share" :percent="end(sheet, one.i)" />
                {{ end(sheet, one.i) }}
              </td>
              <td>
                <ShareBar class="share" :percent="end(data, one.i)" />
                {{ end(data, one.i) }}
              </td>
            </tr>
          </tbody>
        </table>
        <p class="quiet">{{ data.reasons[0]?.text }}</p>
        <ol class="drills">
          <li v-for="(drill, i) in data.drills" :key="i">
            <span class="number">{{ minutesSeconds(drill.startSecond) }}</span> {{ drill.label }}
            {{ MODE_WORDS[drill.mode] }} ×
            {{ drill.repetitions }}
          </li>
        </ol>
        <el-button @click="emit('take', other)">Take this school</el-button>
      </template>
    </PageState>
  </section>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  padding: 2px 8px 2px 0;
  font-weight: 400;
}
thead th {
  font-weight: 700;
}
.share {
  display: inline-block;
  width: 70px;
}
.drills {
  list-style: none;
  margin: 0;
  padding: 0;
  font-size: var(--size-2);
  max-height: 260px;
  overflow: auto;
}
</style>
