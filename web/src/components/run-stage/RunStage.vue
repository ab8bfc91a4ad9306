<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import FootSign from '@/components/foot-sign/FootSign.vue'
import HallSign from '@/components/hall-sign/HallSign.vue'
import LiveFloor from '@/components/live-floor/LiveFloor.vue'
import { useClock } from '@/composables/sound/useClock'
import type { Moment } from '@/domain/run/moment'

/** What is danced just now, to be read from the other end of a hall: feet, count, calls, facing. */
const props = defineProps<{
  run: Schemas['RunThroughView']
  moment: Moment
  viewName: string
  /** Whether it is for the dancers: only what they need. */
  forDancers?: boolean
}>()
const { view, label } = useClock()
const start = computed(() => props.moment.leg.startFacing)
/** A turn back to where the wall began, for facings that are told from 12. */
const wallStart = computed(
  () => props.run.track.legs.find((leg) => leg.wall === props.moment.leg.wall)?.startFacing ?? 0,
)
const soon = computed(() => props.moment.mark && props.moment.mark.counts <= 16)
const minutes = computed(() => {
  const song = props.run.song
  if (props.moment.songLeft === undefined || !song?.countsPerMinute) return ''
  const seconds = Math.round((props.moment.songLeft / song.countsPerMinute) * 60)
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
})
</script>

<template>
  <div class="run" :class="{ plain: forDancers }">
    <div class="feet">
      <LiveFloor :track="run.track" :step="moment.step" :start="wallStart" :view />
    </div>
    <div class="now" aria-live="off">
      <p class="count number" :class="{ ready: moment.countIn }" data-testid="count">{{ moment.spoken }}</p>
      <p class="call" data-testid="call">
        <template v-if="moment.countIn">
          <span class="ready">ready</span>
        </template>
        <template v-else-if="moment.figure">
          <FootSign :foot="moment.figure.foot" :weight="moment.figure.takesWeight" :size="52" />
          {{ run.track.steps[moment.step].call }}
        </template>
      </p>
      <p class="next" data-testid="next">
        {{ moment.countIn ? 'first' : 'then' }} <b>{{ moment.next?.call ?? 'the end' }}</b>
      </p>
    </div>
    <div class="facts">
      <p class="where">
        <HallSign
          :facing="moment.facing"
          :start="wallStart"
          :size="forDancers ? 120 : 92"
          what="now facing"
        />
        <span class="big number">{{ label(moment.facing, wallStart) }}</span>
        <span class="quiet view">{{ viewName }}</span>
      </p>
      <p class="fact">
        <b class="number">wall {{ moment.leg.wall }}</b>
        <span v-if="run.track.legs.some((leg) => leg.part !== moment.leg.part)"
          >part {{ moment.leg.part }}</span
        >
        <span>{{ moment.leg.label }}</span>
        <span v-if="!forDancers" class="quiet">began at {{ label(start, wallStart) }}</span>
      </p>
      <p v-if="moment.mark" class="mark" :class="{ soon }" data-testid="mark">
        <b>{{ moment.mark.label }}</b> in <b class="number">{{ moment.mark.counts }}</b>, facing
        {{ label(moment.mark.facing, wallStart) }}
        <span v-if="moment.mark.steps" class="steps">{{ moment.mark.steps }}</span>
      </p>
      <p v-else-if="!forDancers" class="quiet">No restart or tag comes any more in this.</p>
      <p v-if="minutes && run.scope.kind === 'SONG'" class="fact">
        <b class="number">{{ minutes }}</b> of the song left
      </p>
    </div>
  </div>
</template>

<style scoped>
.run {
  flex: 1;
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 5fr) minmax(210px, 3fr);
  gap: var(--space-5);
  align-items: stretch;
  min-height: 0;
}
.feet {
  min-height: 300px;
  max-height: 62vh;
}
.now {
  text-align: center;
  display: flex;
  flex-direction: column;
  justify-content: center;
}
.count {
  font: 800 min(36vh, 300px) / 0.88 var(--type-head);
  color: var(--accent);
}
.ready {
  color: var(--text-soft);
}
.call {
  font: 700 clamp(28px, 3.6vw, 52px) / 1.1 var(--type-head);
  text-wrap: balance;
  min-height: 2.3em;
}
.call :deep(svg) {
  display: inline-block;
  vertical-align: -0.12em;
  margin-right: var(--space-2);
}
.next {
  font-size: clamp(20px, 2.2vw, 30px);
  line-height: 1.2;
  min-height: 2.4em;
  color: var(--text-soft);
}
.next b {
  color: var(--text);
}
.facts {
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: var(--space-4);
}
.where {
  display: grid;
  grid-template-columns: auto 1fr;
  align-items: center;
  gap: 0 var(--space-3);
}
.where .big {
  font: 800 var(--size-12)/1 var(--type-head);
}
.view {
  grid-column: 1 / -1;
}
.fact {
  font-size: var(--size-7);
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-3);
}
.mark {
  font-size: var(--size-7);
  border: 3px solid var(--notice);
  border-radius: var(--radius-small);
  padding: var(--space-2) var(--space-3);
}
.mark.soon {
  background: var(--notice);
  color: var(--on-notice);
  font-size: var(--size-9);
}
.steps {
  display: block;
  font-size: var(--size-6);
}
.plain .facts {
  justify-content: space-evenly;
}
.plain .feet {
  max-height: none;
}
.plain .count {
  font-size: min(50vh, 440px);
}
.plain .call {
  font-size: clamp(30px, 4.4vw, 64px);
}
.plain .fact,
.plain .mark {
  font-size: var(--size-9);
}
.plain .where .big {
  font-size: var(--size-13);
}
@media (max-width: 850px) {
  .run {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(170px, 30vh) auto auto;
    gap: var(--space-2);
  }
  .feet {
    min-height: 0;
    max-height: none;
  }
  .now {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    text-align: left;
    gap: 0 var(--space-3);
    align-items: center;
  }
  .count {
    font-size: 17vh;
    grid-row: span 2;
    min-width: 0.62em;
    text-align: center;
  }
  .call {
    min-height: 0;
    font-size: var(--size-9);
  }
  .call :deep(svg) {
    width: 34px;
    height: 34px;
  }
  .next {
    min-height: 2.4em;
  }
  .facts {
    gap: var(--space-2);
  }
  .where {
    grid-template-columns: auto auto 1fr;
  }
  .where :deep(svg) {
    width: 52px;
    height: 52px;
  }
  .where .big {
    font-size: var(--size-10);
  }
  .view {
    grid-column: auto;
  }
  .fact,
  .mark,
  .mark.soon {
    font-size: var(--size-7);
  }
}
</style>
