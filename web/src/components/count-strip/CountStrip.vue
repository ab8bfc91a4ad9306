<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { useClock } from '@/composables/sound/useClock'
import FootSign from '@/components/foot-sign/FootSign.vue'
import { spoken, type CountingStyle } from '@/domain/counting'
import { turnWords } from '@/domain/turn'
import { COLUMNS_A_COUNT, layOut, shortCall } from '@/domain/strip'

/** Places on a ruler of counts: the call above, the moving foot, its weight and turn below. */
const props = withDefaults(
  defineProps<{
    places: Schemas['PlaceView'][]
    counts: number
    width?: number
    counting?: CountingStyle
    /** Where its wall starts, on the room clock. */
    start?: number
  }>(),
  { width: undefined, counting: 'written', start: 0 },
)
const { foot, label } = useClock()
defineEmits<{ explain: [figure: string] }>()
function title(place: Schemas['PlaceView']): string {
  const mover = place.foot ? ` ${foot(place.foot)}` : ''
  const facing = label(place.facing + props.start, props.start)
  return `${place.count}: ${place.action}${mover}, facing ${facing}${place.note ? ` (${place.note})` : ''}`
}
const cells = computed(() => layOut(props.places, props.counts))
const columns = computed(() => props.counts * COLUMNS_A_COUNT)
/** A shorter section is drawn shorter, so that a count is as wide everywhere. */
const share = computed(() => (props.counts / Math.max(props.width ?? props.counts, props.counts)) * 100)
</script>

<template>
  <ol
    class="strip"
    :style="{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))`, width: `${share}%` }"
  >
    <li
      v-for="n in counts"
      :key="`n${n}`"
      class="count"
      aria-hidden="true"
      :style="{ gridColumn: `${(n - 1) * COLUMNS_A_COUNT + 1} / span ${COLUMNS_A_COUNT}` }"
    >
      {{ n }}
    </li>
    <template v-for="(cell, i) in cells" :key="i">
      <li
        v-if="cell.opens"
        class="call"
        :class="{ one: cell.figureSpan <= COLUMNS_A_COUNT, part: cell.figureSpan < COLUMNS_A_COUNT }"
        :title="cell.place.call"
        :style="{ gridColumn: `${cell.column + 1} / span ${cell.figureSpan}` }"
      >
        <button type="button" @click="$emit('explain', cell.place.figure)">{{ shortCall(cell) }}</button>
      </li>
      <li
        class="place"
        :class="{ tight: cell.span < COLUMNS_A_COUNT && !!cell.place.turn }"
        :title="title(cell.place)"
        :style="{ gridColumn: `${cell.column + 1} / span ${cell.span}` }"
      >
        <FootSign :foot="cell.place.foot" :weight="cell.place.takesWeight" :size="cell.span < 3 ? 17 : 22" />
        <span v-if="counting === 'numbered' || !/^\d+$/.test(cell.place.count)" class="spoken">{{
          spoken(places, i, counting)
        }}</span>
        <span v-if="cell.place.turn" class="turned">{{ turnWords(cell.place.turn) }}</span>
      </li>
    </template>
  </ol>
</template>

<style scoped>
.strip {
  display: grid;
  grid-auto-flow: row dense;
  grid-template-rows: auto auto auto;
  row-gap: 3px;
  list-style: none;
  margin: 0;
  padding: 0;
}
.count {
  grid-row: 1;
  font: 600 var(--size-1) var(--type);
  color: var(--text-soft);
  border-left: 1px solid var(--line);
  padding-left: 4px;
}
.call {
  grid-row: 2;
  background: var(--inset);
  border-radius: 4px;
  padding: 1px 5px;
  margin-right: 2px;
  font-size: var(--size-2);
  font-weight: 600;
  line-height: 1.25;
  overflow-wrap: break-word;
}
.call.one {
  font-size: var(--size-1);
  padding: 1px 3px;
}
/* Less than a count wide: there is no room for a second word. */
.call.part,
.call.part button {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.call button {
  all: unset;
  cursor: pointer;
  display: block;
  width: 100%;
}
.call button:focus-visible {
  outline: 3px solid var(--notice);
}
.spoken {
  font: 600 var(--size-1) var(--type);
  color: var(--text-soft);
}
.place {
  grid-row: 3;
  position: relative;
  display: flex;
  align-items: center;
  gap: 3px;
  padding-left: 2px;
  min-height: 24px;
}
.tight {
  flex-wrap: wrap;
  align-content: flex-start;
}
.tight .turned {
  flex-basis: 100%;
}
.turned {
  font-size: var(--size-1);
  font-weight: 700;
  color: var(--accent);
  white-space: nowrap;
}
@media (max-width: 700px) {
  .place {
    padding-bottom: 12px;
  }
  .spoken {
    position: absolute;
    top: 21px;
  }
  .call {
    font-size: var(--size-1);
    padding: 1px 2px;
  }
  /* Below what is counted: half a count is as wide as one of the two. */
  .turned {
    position: absolute;
    top: 36px;
  }
  .strip:has(.turned) .place {
    padding-bottom: 27px;
  }
}
</style>
