<script setup lang="ts">
import { computed, toRef } from 'vue'
import FootSign from '@/components/foot-sign/FootSign.vue'
import HallSign from '@/components/hall-sign/HallSign.vue'
import { clockOf } from '@/composables/useClock'
import type { Moment } from '@/domain/beat'
import type { ClockView } from '@/domain/clock-view'

/** What is danced just now, to be read from the other end of a hall. */
const props = defineProps<{ moment: Moment; view: ClockView; viewName: string }>()
const { label } = clockOf(toRef(props, 'view'))
const start = computed(() => props.moment.wall.wall.startFacing)
const facing = computed(() => props.moment.step?.facing ?? start.value)
</script>

<template>
  <div class="floor">
    <div class="hall">
      <HallSign :facing="facing" :start :size="190" what="now facing" />
      <p class="big number">{{ label(facing, start) }}</p>
      <p class="wall">
        Wall <b class="number">{{ moment.wall.wall.number }}</b>
        <span class="quiet">{{ viewName }}</span>
      </p>
      <p v-for="(event, i) in moment.wall.wall.events" :key="i" class="event">{{ event.text }}</p>
    </div>
    <div class="now" aria-live="off">
      <p v-if="moment.countIn" class="count number ready" data-testid="count">{{ moment.spoken }}</p>
      <p v-else class="count number" data-testid="count">{{ moment.spoken }}</p>
      <p class="call" data-testid="call">
        <template v-if="moment.countIn">ready</template>
        <template v-else>
          <FootSign :foot="moment.step?.place.foot" :weight="moment.step?.place.takesWeight" :size="60" />
          {{ moment.step?.place.call ?? '' }}
        </template>
      </p>
      <p class="next">
        then <b>{{ moment.next?.place.call ?? (moment.done ? 'the end' : 'the next wall') }}</b>
      </p>
      <p v-if="moment.step && !moment.countIn" class="quiet">
        section {{ moment.step.place.section || 'tag' }}, {{ moment.step.place.action }}
      </p>
    </div>
  </div>
</template>

<style scoped>
.floor {
  flex: 1;
  display: grid;
  grid-template-columns: 260px minmax(0, 1fr);
  gap: var(--space-5);
  align-items: center;
}
.hall {
  display: grid;
  justify-items: center;
  text-align: center;
  gap: 4px;
}
.big {
  font: 800 64px/1 var(--type-head);
}
.wall {
  font-size: 24px;
}
.wall .quiet {
  margin-left: 8px;
}
.event {
  background: var(--notice);
  color: var(--on-notice);
  font-weight: 700;
  border-radius: var(--radius-small);
  padding: 4px 10px;
}
.now {
  text-align: center;
}
.count {
  font: 800 min(34vh, 300px) / 0.9 var(--type-head);
  color: var(--accent);
}
.ready {
  color: var(--text-soft);
}
.call {
  font: 700 clamp(30px, 5vw, 64px) / 1.1 var(--type-head);
  display: flex;
  justify-content: center;
  align-items: center;
  gap: var(--space-3);
  min-height: 1.4em;
}
.next {
  font-size: clamp(19px, 2.4vw, 30px);
  color: var(--text-soft);
  margin-top: var(--space-2);
}
@media (max-width: 700px) {
  .floor {
    grid-template-columns: minmax(0, 1fr);
    align-content: center;
    gap: var(--space-2);
  }
  .hall {
    grid-template-columns: auto auto;
    align-items: center;
  }
  .hall :deep(svg) {
    width: 84px;
    height: 84px;
    grid-row: span 2;
  }
  .big {
    font-size: 42px;
  }
  .event {
    grid-column: 1 / -1;
  }
  .count {
    font-size: 24vh;
  }
}
</style>
