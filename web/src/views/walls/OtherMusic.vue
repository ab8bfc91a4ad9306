<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import MatchScore from '@/components/match-score/MatchScore.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/page/useLoad'

/** Songs of the club's list that would do for a dance. */
const props = defineProps<{ dance: number }>()
defineEmits<{ choose: [song: string] }>()
const { data, problem, loading, load } = useLoad(() =>
  ask(api.GET('/api/dances/{id}/music', { params: { path: { id: props.dance } } })),
)
watch(() => props.dance, load, { immediate: true })
const use = ref('')
const shown = computed(() => (data.value ?? []).filter((one) => !use.value || one.match.use === use.value))
</script>

<template>
  <section class="stack">
    <div class="row spread">
      <h2>Other music</h2>
      <el-radio-group v-model="use" size="small" aria-label="Which songs">
        <el-radio-button label="all" value="" />
        <el-radio-button label="to dance" value="DANCE" />
        <el-radio-button label="to practise" value="PRACTISE" />
        <el-radio-button label="faster" value="FASTER" />
      </el-radio-group>
    </div>
    <PageState :loading :problem :ready="!!data" @again="load">
      <p v-if="data?.length === 0">
        No song of the list goes with this dance. Songs need their beats a minute; see
        <RouterLink to="/songs">Songs</RouterLink>.
      </p>
      <ul class="list">
        <li v-for="one in shown" :key="one.song">
          <span>
            <RouterLink :to="`/songs/${one.song}`"
              ><b>{{ one.title }}</b></RouterLink
            >
            <span class="quiet">{{ one.artist }}{{ one.own ? ' · its own song' : '' }}</span>
          </span>
          <MatchScore :match="one.match" />
          <el-button size="small" @click="$emit('choose', `list-${one.song}`)">Walls with it</el-button>
        </li>
      </ul>
    </PageState>
  </section>
</template>

<style scoped>
.list {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: var(--space-3);
  align-items: center;
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
li > span:first-child {
  display: grid;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: minmax(0, 1fr);
    justify-items: start;
    gap: 4px;
  }
}
</style>
