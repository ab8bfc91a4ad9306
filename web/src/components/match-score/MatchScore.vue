<script setup lang="ts">
import type { Schemas } from '@/api/client'
import ReasonList from '@/components/reason-list/ReasonList.vue'

/** How well a dance and a song go together, with its reasons on demand. */
defineProps<{ match: Schemas['MatchView'] }>()
const RATES: Record<Schemas['CountRate'], string> = {
  '1/2': 'at half its beats',
  '1': '',
  '2': 'at double its beats',
}
</script>

<template>
  <span class="row match">
    <span class="chip" :class="match.use">{{ match.useWords }}</span>
    <span class="number rate">
      {{ match.countsPerMinute }}
      <span class="quiet"
        >a minute<template v-if="match.percentOfOwn != null">, {{ match.percentOfOwn }} %</template
        >{{ RATES[match.countRate] ? `, ${RATES[match.countRate]}` : '' }}</span
      >
    </span>
    <el-popover trigger="click" :width="330">
      <template #reference>
        <button class="plain-button why number" type="button">{{ match.score }} <small>why?</small></button>
      </template>
      <h3>{{ match.score }} of 100</h3>
      <ReasonList :reasons="match.reasons" />
      <p class="quiet">A hundred, less what speaks against it. A rule of thumb.</p>
    </el-popover>
  </span>
</template>

<style scoped>
.match {
  gap: var(--space-2);
}
.rate {
  font-weight: 700;
  min-width: 172px;
}
.PRACTISE {
  border-style: dashed;
}
.DANCE {
  background: var(--accent-wash);
  border-color: var(--accent);
}
.why small {
  text-decoration: underline dotted;
}
</style>
