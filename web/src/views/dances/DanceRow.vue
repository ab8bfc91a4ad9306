<script setup lang="ts">
import type { Schemas } from '@/api/client'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import StageMark from '@/components/stage-mark/StageMark.vue'
import TurnSign from '@/components/turn-sign/TurnSign.vue'

/** A dance in the list. */
defineProps<{ dance: Schemas['ListedDance'] }>()
</script>

<template>
  <RouterLink :to="`/dances/${dance.id}`" class="dance">
    <span class="title">
      <strong>{{ dance.title }}</strong>
      <span class="quiet">
        {{
          [
            dance.by,
            dance.song && `“${dance.song}”`,
            dance.countsPerMinute && `${dance.countsPerMinute} counts a minute`,
            dance.style,
          ]
            .filter(Boolean)
            .join(' · ')
        }}
      </span>
      <span v-if="!dance.sound" class="chip due">has mistakes to mend</span>
    </span>
    <span class="counts"
      ><b class="number">{{ dance.counts }}</b> counts</span
    >
    <span v-if="dance.phrased" class="walls">phrased</span>
    <span v-else class="walls"
      ><b class="number">{{ dance.walls }}</b> {{ dance.walls === 1 ? 'wall' : 'walls' }}</span
    >
    <TurnSign class="turn" :eighths="dance.turn" />
    <LevelMark class="level" :level="dance.level" :stated="dance.statedLevel" />
    <span class="known">
      <StageMark v-for="known in dance.knownBy" :key="known.group" :stage="known.stage" :label="known.name" />
      <span v-if="dance.knownBy.length === 0" class="quiet">no group yet</span>
    </span>
  </RouterLink>
</template>

<style scoped>
.dance {
  display: grid;
  grid-template-columns: minmax(240px, 1.6fr) 84px 72px 110px minmax(170px, 1fr) minmax(220px, 1.3fr);
  gap: var(--space-3);
  align-items: center;
  padding: var(--space-3) var(--space-2);
  border-bottom: 1px solid var(--line);
  text-decoration: none;
  color: inherit;
}
.dance:hover {
  background: var(--surface);
}
.title {
  display: grid;
  justify-items: start;
}
.title strong {
  font: 700 var(--size-7) var(--type-head);
}
b {
  font-size: var(--size-7);
}
.known {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
@media (max-width: 1000px) {
  .dance {
    grid-template-columns: auto auto auto 1fr;
  }
  .title,
  .level,
  .known {
    grid-column: 1 / -1;
  }
}
</style>
