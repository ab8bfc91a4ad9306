<script setup lang="ts">
import { computed, watch } from 'vue'
import { useRoute } from 'vue-router'
import PageState from '@/components/page-state/PageState.vue'
import { useWakeLock } from '@/composables/device/useWakeLock'
import { HOW_WORDS, onNow, PAUSE_WORDS, isSong, timeAt, titleOf, toCome, type Line } from './order'
import { useSocial } from './useSocial'

/** For the wall of the hall: what is danced now, what comes next, and who dances. */
const route = useRoute()
const id = computed(() => Number(route.params.id))
const { data: sheet, problem, loading, load, names } = useSocial(() => id.value)
useWakeLock()
watch(id, load, { immediate: true })
const lines = computed(() => sheet.value?.order.lines ?? [])
const now = computed(() => onNow(lines.value))
/** What comes next, with what comes in between. */
const after = computed(() => {
  const first = toCome(lines.value)[0]
  if (!first) return []
  const at = lines.value.indexOf(first)
  const from = at > 0 && !isSong(lines.value[at - 1]) ? at - 1 : at
  return lines.value.slice(from, from + 4)
})
const who = (line: Line) =>
  line.who.length === sheet.value?.guests.length
    ? ['everybody']
    : line.who.map((one) => names.value.get(one) ?? '')
</script>

<template>
  <PageState :loading="loading && !sheet" :problem :ready="!!sheet" @again="load">
    <div v-if="sheet" class="wall">
      <header>
        <RouterLink :to="`/socials/${id}`">{{ sheet.name }}</RouterLink>
        <span>until {{ timeAt(sheet.startsAt, sheet.minutes * 60) }}</span>
      </header>
      <main v-if="now">
        <h1>{{ titleOf(now) }}</h1>
        <p class="who">
          <span v-if="now.how && HOW_WORDS[now.how]" class="kind">{{ HOW_WORDS[now.how] }}</span>
          <span v-for="one in who(now)" :key="one" class="group">{{ one }}</span>
        </p>
      </main>
      <main v-else>
        <h1>Welcome</h1>
        <p class="who">We begin at {{ timeAt(sheet.startsAt, 0) }}.</p>
      </main>
      <ol v-if="after.length">
        <li v-for="(line, i) in after" :key="line.start">
          <span class="label">{{ i ? '' : 'next' }}</span>
          <template v-if="isSong(line)">
            <b>{{ titleOf(line) }}</b>
            <span class="soft">{{ who(line).join(', ') }}</span>
          </template>
          <b v-else>{{ line.pause ? PAUSE_WORDS[line.pause] : '' }}</b>
        </li>
      </ol>
      <p v-else class="who">Thank you for dancing. Safe home.</p>
    </div>
  </PageState>
</template>

<style scoped>
.wall {
  min-height: 100vh;
  background: #1d0f1a;
  color: #fdf6ea;
  padding: 3vmin 5vmin;
  display: flex;
  flex-direction: column;
  justify-content: space-between;
  gap: 3vmin;
}
header {
  display: flex;
  justify-content: space-between;
  font-size: 3vmin;
}
header a {
  color: inherit;
  text-decoration: none;
}
h1 {
  font-size: clamp(44px, 15vmin, 190px);
  line-height: 1;
  overflow-wrap: anywhere;
}
.who {
  font-size: clamp(22px, 5.2vmin, 70px);
  display: flex;
  flex-wrap: wrap;
  gap: 0.5em;
  margin-top: 2vmin;
}
.group {
  border: 0.06em solid #63cdc6;
  color: #9be7e1;
  border-radius: 0.5em;
  padding: 0 0.5em;
}
.kind {
  background: #e3b04b;
  color: #251a22;
  border-radius: 0.5em;
  padding: 0 0.5em;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  font-size: clamp(18px, 4.2vmin, 56px);
}
li {
  display: grid;
  grid-template-columns: 4em minmax(0, auto) minmax(0, 1fr);
  gap: 0.6em;
  align-items: baseline;
  border-top: 1px solid #52384c;
  padding: 0.15em 0;
}
li:not(:first-child) {
  opacity: 0.75;
}
.label {
  color: #e3b04b;
}
.soft {
  font-size: 0.7em;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: 3em minmax(0, 1fr);
  }
  .soft {
    grid-column: 2;
  }
}
</style>
