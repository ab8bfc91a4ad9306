<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import FloorStrip from './FloorStrip.vue'
import { changesBetween, timeAt, toCome, titleOf } from './order'

/** An order that is proposed: what is otherwise in it, and how far it may be from the best. */
const props = defineProps<{ sheet: Schemas['SocialSheet']; order: Schemas['OrderView']; busy: boolean }>()
defineEmits<{ take: []; leave: [] }>()
const changes = computed(() => changesBetween(props.sheet.order.lines, props.order.lines))
const more = computed(() => props.order.points - props.sheet.order.points)
const same = computed(() => {
  const { moved, news, gone } = changes.value
  return !moved && !news.length && !gone.length
})
</script>

<template>
  <section class="card stack proposed" aria-label="Proposed order" role="status">
    <div class="row spread">
      <h2>{{ same ? 'Nothing better was found' : 'A better order' }}</h2>
      <span>
        {{ order.points }} points<template v-if="more"
          >, {{ Math.abs(more) }} {{ more > 0 ? 'more' : 'fewer' }}</template
        >; {{ order.gap ? `none is more than ${order.gap} points better` : 'none is better' }}
      </span>
    </div>
    <template v-if="!same">
      <FloorStrip :sheet :lines="order.lines" />
      <p v-if="changes.news.length"><b>Comes in:</b> {{ changes.news.join(', ') }}</p>
      <p v-if="changes.gone.length"><b>Goes out:</b> {{ changes.gone.join(', ') }}</p>
      <p v-if="changes.moved">
        {{ changes.moved }} {{ changes.moved === 1 ? 'song stands' : 'songs stand' }} elsewhere.
      </p>
      <details>
        <summary>The whole order, until {{ timeAt(sheet.startsAt, order.endsAt) }}</summary>
        <ol>
          <li v-for="line in toCome(order.lines)" :key="line.start">
            {{ timeAt(sheet.startsAt, line.start) }} {{ titleOf(line) }}
          </li>
        </ol>
      </details>
    </template>
    <div class="row">
      <el-button v-if="!same" type="primary" :loading="busy" @click="$emit('take')">Take it</el-button>
      <el-button @click="$emit('leave')">{{ same ? 'Good' : 'Leave it as it is' }}</el-button>
    </div>
  </section>
</template>

<style scoped>
.proposed {
  border-color: var(--notice);
}
ol {
  columns: 2;
  padding-left: 24px;
}
@media (max-width: 700px) {
  ol {
    columns: 1;
  }
}
</style>
