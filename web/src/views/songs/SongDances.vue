<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import MatchScore from '@/components/match-score/MatchScore.vue'

/** The club's dances that go with a song, the best first. */
const props = defineProps<{ card: Schemas['SongCard']; dances: Schemas['DanceForSong'][] }>()
const FIRST = 8
const all = ref(false)
const shown = computed(() => (all.value ? props.dances : props.dances.slice(0, FIRST)))
</script>

<template>
  <section class="card stack">
    <h2>Dances that go with it</h2>
    <p v-if="card.song.bpm == null">It needs its beats a minute first.</p>
    <p v-else-if="dances.length === 0">None of the club’s dances goes with it.</p>
    <ul class="list">
      <li v-for="one in shown" :key="one.dance">
        <span class="what">
          <RouterLink :to="`/dances/${one.dance}/walls?song=list-${card.id}`"
            ><b>{{ one.title }}</b></RouterLink
          >
          <span class="quiet"><LevelMark :level="one.level" /> {{ one.own ? 'its own song' : '' }}</span>
        </span>
        <MatchScore :match="one.match" />
      </li>
    </ul>
    <button v-if="shown.length < dances.length" class="plain-button" type="button" @click="all = true">
      Show all {{ dances.length }}
    </button>
  </section>
</template>

<style scoped>
.list {
  list-style: none;
  margin: 0;
  padding: 0;
}
.list li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 2px var(--space-3);
  border-top: 1px solid var(--line);
  padding: 5px 0;
}
.what {
  display: grid;
}
</style>
