<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import type { Schemas } from '@/api/client'
import { useTaps } from '@/composables/sound/useTaps'

type Rate = Schemas['CountRate']

/** Tap along with a finger or the space bar. */
const props = defineProps<{ printed: string; countRate: Rate }>()
const emit = defineEmits<{ take: [bpm: string]; countRate: [rate: Rate] }>()
const { millis, reading, problem, tap, clear } = useTaps(() => props.printed)
const RATES: Record<Rate, string> = { '1/2': 'half', '1': 'as many as', '2': 'double' }

function onKey(event: KeyboardEvent) {
  if (event.key !== ' ' || event.repeat) return
  const target = event.target as HTMLElement
  if (target.closest('input, textarea, a, [role=combobox], button:not(.pad)')) return
  event.preventDefault()
  tap(event.timeStamp)
}
useEventListener(window, 'keydown', onKey)
</script>

<template>
  <section class="tap">
    <button class="pad" type="button" @pointerdown="tap($event.timeStamp)">
      <template v-if="reading?.bpm">
        <b class="number" data-testid="tapped">{{ reading.bpm }}</b>
        <span>± {{ reading.uncertain }} a minute</span>
      </template>
      <template v-else>
        <b>Tap</b>
        <span>{{
          millis.length === 0
            ? 'here or on the space bar, with the music'
            : reading?.more
              ? `${reading.more} more`
              : reading
                ? 'the taps do not agree yet'
                : '…'
        }}</span>
      </template>
    </button>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <template v-if="reading?.bpm">
      <p class="quiet">
        {{ reading.beats }} beats, {{ reading.used }} taps used<template v-if="reading.missed"
          >, {{ reading.missed }} missed</template
        ><template v-if="reading.left">, {{ reading.left }} left out</template>; a tap lies
        <b class="number">{{ reading.spreadMillis }} ms</b> from its beat.
      </p>
      <p v-if="reading.countRate">
        You tap {{ RATES[reading.countRate] }} the printed {{ printed }} beats<template
          v-if="reading.countRate === countRate"
          >, as the count rate says.</template
        >
        <template v-else
          >: count rate {{ reading.countRate }}.
          <el-button size="small" @click="emit('countRate', reading.countRate)">take it</el-button></template
        >
      </p>
      <div class="row">
        <el-button size="small" @click="emit('take', reading.half ?? '')">half: {{ reading.half }}</el-button>
        <el-button size="small" type="primary" @click="emit('take', reading.bpm)"
          >take {{ reading.bpm }}</el-button
        >
        <el-button size="small" @click="emit('take', reading.twice ?? '')"
          >double: {{ reading.twice }}</el-button
        >
        <button class="plain-button" type="button" @click="clear">Clear</button>
      </div>
    </template>
  </section>
</template>

<style scoped>
.tap {
  display: grid;
  gap: var(--space-2);
}
.pad {
  min-height: 108px;
  border-radius: var(--radius);
  border: 3px solid var(--accent);
  background: var(--accent-wash);
  cursor: pointer;
  touch-action: manipulation;
  user-select: none;
  display: grid;
  place-content: center;
  text-align: center;
}
.pad:active {
  background: var(--action);
  color: var(--on-action);
}
.pad b {
  font: 800 var(--size-11)/1 var(--type-head);
}
</style>
