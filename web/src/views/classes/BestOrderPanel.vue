<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { KIND_WORDS } from '@/domain/labels'
import { later } from '@/domain/time'

/** Two orders side by side: as it is, and as it could be. */
const props = defineProps<{
  sheet: Schemas['ClassSheet']
  proposal: Schemas['BestOrderView']
  busy: boolean
}>()
defineEmits<{ take: []; leave: [] }>()

const key = (line: Schemas['LineView']) => `${line.kind} ${line.dance ?? line.title}`
const now = computed(() => new Set(props.sheet.lines.map(key)))
const then = computed(() => new Set(props.proposal.lines.map(key)))
const more = computed(() => props.proposal.points - props.proposal.now)
const same = computed(
  () =>
    props.proposal.lines.length === props.sheet.lines.length &&
    props.proposal.lines.every((line, i) => {
      const other = props.sheet.lines[i]
      return key(line) === key(other) && line.minutes === other.minutes
    }),
)
</script>

<template>
  <section class="card stack compare" aria-label="Two orders compared">
    <div class="row spread">
      <h2>As it is, and as it could be</h2>
      <span v-if="proposal.gap" class="quiet">
        A better one could have {{ proposal.gap }} points more at most; the search was cut short.
      </span>
    </div>
    <p v-if="same" role="status">It is the best order already.</p>
    <div v-else class="two">
      <div>
        <h3>Now: {{ proposal.now }} points</h3>
        <ol>
          <li v-for="line in sheet.lines" :key="line.id" :class="{ differs: !then.has(key(line)) }">
            <span class="number quiet">{{ later(sheet.startsAt, line.start) }}</span>
            <span>{{ KIND_WORDS[line.kind] }}: {{ line.title }}, {{ line.minutes }} min</span>
          </li>
        </ol>
      </div>
      <div>
        <h3>
          Then: {{ proposal.points }} points
          <span class="quiet number">({{ more > 0 ? '+' : '' }}{{ more }})</span>
        </h3>
        <ol>
          <li v-for="(line, i) in proposal.lines" :key="i" :class="{ differs: !now.has(key(line)) }">
            <span class="number quiet">{{ later(sheet.startsAt, line.start) }}</span>
            <span>
              {{ KIND_WORDS[line.kind] }}: {{ line.title }}, {{ line.minutes }} min
              <small v-if="!now.has(key(line)) && line.reasons.length" class="quiet">{{
                line.reasons[0].text
              }}</small>
            </span>
          </li>
        </ol>
      </div>
    </div>
    <div class="row no-print">
      <el-button v-if="!same" type="primary" :loading="busy" @click="$emit('take')"
        >Take this order</el-button
      >
      <el-button @click="$emit('leave')">{{ same ? 'Good' : 'Leave it as it is' }}</el-button>
    </div>
  </section>
</template>

<style scoped>
.compare {
  border-top: 6px solid var(--notice);
}
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 260px), 1fr));
  gap: var(--space-5);
}
ol {
  list-style: none;
  margin: var(--space-2) 0 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
li {
  display: grid;
  grid-template-columns: 48px 1fr;
  padding: 2px 6px;
  border-radius: var(--radius-small);
}
.differs {
  background: var(--notice-wash);
  font-weight: 700;
}
small {
  display: block;
  font-weight: 400;
}
</style>
