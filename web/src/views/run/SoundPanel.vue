<script setup lang="ts">
import type { Sound } from '@/composables/sound/useSound'

/** How loud each is; remembered on this device. */
const props = defineProps<{ sound: Sound; music: boolean }>()
const { volumes, byBrowser } = props.sound
const KINDS = [
  { name: 'click', label: 'Click' },
  { name: 'band', label: 'Band' },
  { name: 'voice', label: 'Counts and calls' },
  { name: 'music', label: 'Your own song' },
] as const
const percent = (share: number) => `${Math.round(share * 100)} %`
</script>

<template>
  <section>
    <h2>Sound</h2>
    <div v-for="kind in KINDS" :key="kind.name" class="volume">
      <template v-if="kind.name !== 'music' || music">
        <span :id="`volume-${kind.name}`">{{ kind.label }}</span>
        <el-slider
          v-model="volumes[kind.name]"
          :min="0"
          :max="1"
          :step="0.05"
          :format-tooltip="percent"
          :aria-labelledby="`volume-${kind.name}`"
          :aria-label="kind.label"
        />
      </template>
    </div>
    <p class="row">
      <button type="button" class="plain-button" @click="sound.test()">Test the loudspeaker</button>
      <RouterLink to="/run-through/steady" class="quiet">How steady is this device?</RouterLink>
      <span class="quiet">Three clicks, a drum, and “five”.</span>
    </p>
    <p v-if="byBrowser" class="quiet">Words that have no clip are said by the browser’s own voice.</p>
    <p class="quiet">
      Mind the hall’s limits for loudness, and yours: turn up only as far as the back row needs.
    </p>
  </section>
</template>

<style scoped>
.volume {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  align-items: center;
  gap: var(--space-4);
  padding-right: var(--space-3);
}
</style>
