<script setup lang="ts">
import type { PileSheet } from '@/composables/sheets/usePile'

/** The sheet as it was printed, line by line, each with how well it was read. */
const props = defineProps<{ sheet: PileSheet }>()
const shown = defineModel<number>({ required: true })
type Line = PileSheet['lines'][number]

function sign(line: Line): string {
  if (!line.remarks.length || props.sheet.confirmed.includes(line.number)) return ''
  return line.understanding === 'UNREAD' ? '×' : '?'
}
function says(line: Line): string {
  if (!line.remarks.length) return line.stepLines.length ? 'read' : ''
  if (props.sheet.confirmed.includes(line.number)) return 'looked at'
  return line.understanding === 'UNREAD' ? 'not read' : 'guessed'
}
</script>

<template>
  <section class="paper-lines" aria-label="The sheet">
    <h3>The sheet</h3>
    <ol>
      <li
        v-for="line in sheet.lines"
        :key="line.number"
        :class="[line.understanding.toLowerCase(), { blank: line.blank, seen: says(line) === 'looked at' }]"
        :data-shown="line.number === shown"
      >
        <span v-if="line.blank" aria-hidden="true">&nbsp;</span>
        <button v-else type="button" :aria-current="line.number === shown" @click="shown = line.number">
          <span class="sign" aria-hidden="true">{{ sign(line) }}</span>
          <span class="words">{{ line.text }}</span>
          <span v-if="says(line)" class="off-screen">, {{ says(line) }}</span>
        </button>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.paper-lines {
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: var(--space-3) 0;
  max-height: 74vh;
  overflow: auto;
}
h3 {
  padding: 0 var(--space-3) var(--space-2);
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li.blank {
  line-height: 0.7;
}
button {
  all: unset;
  box-sizing: border-box;
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr);
  width: 100%;
  padding: 1px var(--space-3) 1px 6px;
  cursor: pointer;
  font-size: var(--size-3);
  line-height: 1.4;
  white-space: pre-wrap;
  border-left: 4px solid transparent;
}
button:hover {
  background: var(--inset);
}
button:focus-visible {
  outline: 3px solid var(--notice);
  outline-offset: -3px;
}
.sign {
  font-weight: 800;
  text-align: center;
}
li.guess:not(.seen) button {
  background: var(--notice-wash);
}
li.guess:not(.seen) .sign {
  color: var(--notice-text);
}
li.unread:not(.seen) button {
  background: var(--wrong-wash);
}
li.unread:not(.seen) .sign {
  color: var(--wrong);
}
li button[aria-current='true'] {
  border-left-color: var(--accent);
  background: var(--accent-wash);
}
</style>
