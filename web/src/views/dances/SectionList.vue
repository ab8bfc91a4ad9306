<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import CountStrip from '@/components/count-strip/CountStrip.vue'
import HallSign from '@/components/hall-sign/HallSign.vue'
import { clock } from '@/domain/facing'

/** The dance itself: its sections on count strips, then its tags. */
const props = defineProps<{ reading: Schemas['Reading'] }>()
const manyParts = computed(() => new Set(props.reading.sections.map((section) => section.part)).size > 1)
</script>

<template>
  <div class="sections">
    <p class="quiet legend">
      Facings on the sections are wall-relative: every wall as if it began at 12. A full sole takes the
      weight, a dashed one does not.
    </p>
    <section v-for="section in reading.sections" :key="section.number" class="section">
      <header>
        <h3>
          <span class="n">{{ section.number }}</span>
          <span v-if="manyParts" class="chip">part {{ section.part }}</span>
          {{ section.title || `Section ${section.number}` }}
        </h3>
        <span class="ends">
          <span class="quiet">weight {{ section.startWeight }}</span>
          <HallSign :facing="section.startFacing" what="starts facing" />
          <span class="number">{{ clock(section.startFacing) }} → {{ clock(section.endFacing) }}</span>
          <HallSign :facing="section.endFacing" what="ends facing" />
          <span class="quiet">weight {{ section.endWeight }}</span>
        </span>
      </header>
      <CountStrip
        v-if="section.counts"
        :places="section.places"
        :counts="section.counts"
        :width="reading.sectionCounts"
      />
      <p v-else class="quiet">Nothing is danced here yet.</p>
    </section>
    <section v-for="extra in reading.extras" :key="extra.name" class="section extra">
      <header>
        <h3>{{ extra.name }}</h3>
        <span class="quiet"
          >{{ extra.counts }} counts{{ extra.turn ? `, turns ${extra.turn}` : ', no turn' }}</span
        >
      </header>
      <CountStrip
        v-if="extra.counts"
        :places="extra.places"
        :counts="extra.counts"
        :width="reading.sectionCounts"
      />
    </section>
  </div>
</template>

<style scoped>
.sections {
  display: grid;
  gap: var(--space-3);
  align-content: start;
}
.section {
  background: var(--chalk);
  border: 1px solid var(--rule);
  border-radius: var(--radius);
  padding: var(--space-2) var(--space-3) var(--space-3);
}
.extra {
  border-color: var(--brass-mark);
  border-width: 2px;
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: var(--space-3);
  flex-wrap: wrap;
  margin-bottom: var(--space-2);
}
h3 {
  display: flex;
  align-items: baseline;
  gap: 8px;
}
.n {
  font-size: 22px;
  color: var(--plum-bright);
}
.ends {
  display: flex;
  align-items: center;
  gap: 6px;
  font-weight: 700;
}
</style>
