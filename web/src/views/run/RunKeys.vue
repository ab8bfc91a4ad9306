<script setup lang="ts">
/** The big keys of a run-through: what is next to be pressed, and what a clicker with two keys does. */
defineProps<{
  playing: boolean
  asking: boolean
  looping: boolean
  resting: number
  done: boolean
  top: boolean
}>()
const emit = defineEmits<{
  answer: [how: 'CLEAN' | 'SHAKY' | 'LOST']
  play: []
  stop: []
  halt: []
}>()
</script>

<template>
  <div v-if="asking || (playing && looping)" class="keys" role="group" aria-label="How was that?">
    <button type="button" class="huge" @click="emit('answer', 'LOST')">
      Lost<small>a rung down · both keys, or hold one</small>
    </button>
    <button type="button" class="huge" @click="emit('answer', 'SHAKY')">
      Shaky<small>once more · back ◂</small>
    </button>
    <button type="button" class="huge yes" @click="emit('answer', 'CLEAN')">
      Clean<small>{{ top ? 'full speed: done' : 'a rung up' }} · next ▸</small>
    </button>
    <button v-if="playing" type="button" class="huge narrow" aria-label="Stop" @click="emit('halt')">
      ◼
    </button>
  </div>
  <div v-else-if="playing" class="keys">
    <button type="button" class="huge" @click="emit('halt')">Stop<small>back ◂</small></button>
    <button type="button" class="huge" @click="emit('stop')">
      Enough<small>how was it? · next ▸</small>
    </button>
  </div>
  <div v-else class="keys">
    <button v-if="resting" type="button" class="huge" @click="emit('halt')">Wait<small>back ◂</small></button>
    <button type="button" class="huge yes" @click="emit('play')">
      {{ resting ? `Next in ${resting}` : done ? 'Full speed reached. Once more' : 'Count in' }}
      <small>next ▸ or Space</small>
    </button>
  </div>
</template>
