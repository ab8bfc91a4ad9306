<script setup lang="ts">
import { computed, watch } from 'vue'
import { api, ask } from '@/api/client'
import { useLoad } from '@/composables/page/useLoad'
import { later, minutesSeconds } from '@/domain/time'

/** The songs of the evening in order, what is slower to practise to, and what is missing. */
const props = defineProps<{ id: number; version: number; startsAt: string }>()
const { data, load } = useLoad(() =>
  ask(api.GET('/api/classes/{id}/music', { params: { path: { id: props.id } } })),
)
watch(() => [props.id, props.version], load, { immediate: true })
const missing = computed(() => data.value?.lines.filter((one) => one.missing) ?? [])
</script>

<template>
  <section v-if="data?.lines.length" class="card stack" aria-label="Music of the evening">
    <div class="row spread">
      <h2>Music</h2>
      <span class="quiet"
        >{{ data.lines.length }} songs, <span class="number">{{ minutesSeconds(data.seconds) }}</span></span
      >
    </div>
    <p v-if="missing.length" class="missing">
      <b>Before the evening:</b>
      <span v-for="one in missing" :key="one.line" class="after"
        >{{ one.danceTitle }}: {{ one.missing }}</span
      >
    </p>
    <ol>
      <li v-for="one in data.lines" :key="one.line">
        <span class="number quiet">{{ later(startsAt, one.start) }}</span>
        <span>
          <b>{{ one.title ?? 'no song' }}</b>
          <span v-if="one.artist" class="quiet after">{{ one.artist }}</span>
          <small class="quiet">
            {{ one.danceTitle }}<template v-if="one.location">, {{ one.location }}</template>
          </small>
          <small v-if="one.slower.length" class="quiet">
            slower to practise:
            <template v-for="(other, i) in one.slower" :key="other.song"
              >{{ i ? ', ' : '' }}{{ other.title }} at {{ other.percent }} %</template
            >
          </small>
        </span>
        <span class="number">{{ one.seconds ? minutesSeconds(one.seconds) : '?' }}</span>
      </li>
    </ol>
    <p class="no-print"><a :href="`/api/classes/${id}/music/xspf`" download>Save as a playlist</a></p>
  </section>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}
li {
  display: grid;
  grid-template-columns: 46px 1fr auto;
}
small {
  display: block;
}
.missing {
  background: var(--notice-wash);
  border-left: 5px solid var(--notice);
  padding: var(--space-2) var(--space-3);
}
</style>
