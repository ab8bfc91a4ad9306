<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import MoveKeys from '@/components/move-keys/MoveKeys.vue'
import { calledOf, HOW_WORDS, isPlayed, timeAt, type Line } from './order'

/** A song of the order: when, what, who is on the floor, and why there. */
const props = defineProps<{
  line: Line
  sheet: Schemas['SocialSheet']
  names: Map<number, string>
  may: boolean
  busy: boolean
  /** Its place among those to come, from 0, and how many these are. */
  at: number
  of: number
}>()
defineEmits<{ move: [by: number]; drop: []; stays: [stays: boolean] }>()
const open = ref(false)
const called = computed(() => calledOf(props.line))
const everybody = computed(() => props.line.who.length === props.sheet.guests.length)
const points = computed(() => props.line.reasons.reduce((sum, one) => sum + one.points, 0))
const plus = (of: number) => (of > 0 ? `+${of}` : String(of))
</script>

<template>
  <li class="song">
    <span class="when number">{{ timeAt(sheet.startsAt, line.start) }}</span>
    <div class="what">
      <div class="row">
        <b class="title">
          <template v-for="(one, i) in line.dances" :key="one.dance"
            ><template v-if="i"> + </template
            ><RouterLink :to="`/dances/${one.dance}`">{{ one.title }}</RouterLink></template
          >
        </b>
        <span v-if="line.how && HOW_WORDS[line.how]" class="chip due">{{ HOW_WORDS[line.how] }}</span>
        <LevelMark :level="line.dances[0].level" />
        <span class="quiet">{{ line.dances[0].counts }} counts</span>
      </div>
      <div class="row second">
        <span class="who">{{
          everybody ? 'everybody' : line.who.map((one) => names.get(one)).join(', ') || 'nobody who comes'
        }}</span>
        <span class="quiet"
          >{{ [line.song, line.artist].filter(Boolean).join(', ')
          }}<template v-if="line.location"> · {{ line.location }}</template>
          <span v-if="line.missing" class="missing"> {{ line.missing }}</span></span
        >
        <button
          v-if="line.reasons.length"
          class="plain-button why quiet no-print"
          type="button"
          :aria-expanded="open"
          :aria-label="`${plus(points)} points, why: ${called}`"
          @click="open = !open"
        >
          {{ plus(points) }} points, why
        </button>
      </div>
      <ul v-if="open" class="rows no-print">
        <li v-for="(one, i) in line.reasons" :key="i" class="row spread">
          <span>{{ one.text }}</span>
          <span class="number" :class="{ wrong: one.points < 0 }">{{ plus(one.points) }}</span>
        </li>
      </ul>
    </div>
    <div v-if="may && !isPlayed(line)" class="keys no-print">
      <button
        class="plain-button"
        type="button"
        :aria-pressed="line.stays"
        :aria-label="`⚓ ${called} stays in its place`"
        :disabled="busy"
        @click="$emit('stays', !line.stays)"
      >
        {{ line.stays ? '⚓ stays' : '⚓' }}
      </button>
      <MoveKeys
        :up="`${called} earlier`"
        :down="`${called} later`"
        :out="`${called} out of the order`"
        :at
        :of
        :busy
        @move="$emit('move', $event)"
        @drop="$emit('drop')"
      />
    </div>
    <span v-else-if="isPlayed(line)" class="quiet">played</span>
  </li>
</template>

<style scoped>
.song {
  display: grid;
  grid-template-columns: 56px minmax(0, 1fr) auto;
  gap: 10px;
  align-items: start;
  break-inside: avoid;
}
.when {
  font-weight: 700;
}
.title a {
  color: inherit;
}
.who {
  font-size: var(--size-4);
}
.second {
  gap: 2px 14px;
}
.why {
  text-decoration: underline dotted;
}
.missing,
.wrong {
  color: var(--wrong);
}
.keys {
  display: flex;
  align-items: center;
}
.keys [aria-pressed='true'] {
  background: var(--notice-wash);
  color: var(--notice-text);
}
@media (max-width: 700px) {
  .song {
    grid-template-columns: 46px minmax(0, 1fr);
  }
  .keys {
    grid-column: 2;
  }
}
</style>
