<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import ReasonList from '@/components/reason-list/ReasonList.vue'
import { useLoad } from '@/composables/page/useLoad'

/** What the group could learn next, the best first, each with its reasons. */
const props = defineProps<{ group: number }>()
const SHOWN = 3
const { data, load } = useLoad(() =>
  ask(api.GET('/api/groups/{id}/next', { params: { path: { id: props.group } } })),
)
const all = ref(false)
const open = ref<number>()
const shown = computed(() => (all.value ? (data.value ?? []) : (data.value ?? []).slice(0, SHOWN)))
watch(() => props.group, load, { immediate: true })
defineExpose({ load })
</script>

<template>
  <section class="card stack" aria-label="What next">
    <h2>What next</h2>
    <p class="quiet">In the group’s next class.</p>
    <ol class="picks">
      <li v-for="(one, i) in shown" :key="one.dance">
        <p class="row spread">
          <RouterLink :to="`/dances/${one.dance}`" class="title">{{ one.title }}</RouterLink>
          <LevelMark :level="one.level" />
        </p>
        <p class="quiet">{{ one.reasons[0]?.text }}</p>
        <p class="row">
          <button
            class="plain-button"
            type="button"
            :aria-expanded="open === i"
            :aria-label="`Why ${one.title}`"
            @click="open = open === i ? undefined : i"
          >
            {{ open === i ? 'Close' : 'Why' }}
          </button>
          <RouterLink :to="`/dances/${one.dance}/teach?group=${group}`" class="plain-button"
            >Teach</RouterLink
          >
        </p>
        <ReasonList v-if="open === i" :reasons="one.reasons" />
      </li>
    </ol>
    <p v-if="data && data.length === 0" class="quiet">
      No dance of the club is new to this group and near its level. Add one under
      <RouterLink to="/dances/new">Dances</RouterLink>.
    </p>
    <button v-if="data && data.length > SHOWN" class="plain-button" type="button" @click="all = !all">
      {{ all ? 'Fewer' : `${data.length - SHOWN} more` }}
    </button>
  </section>
</template>

<style scoped>
.picks {
  list-style: none;
  margin: 0;
  padding: 0;
}
.picks li {
  border-top: 1px solid var(--line);
  padding: var(--space-2) 0;
}
.picks p {
  margin: 0;
}
.title {
  font: 700 var(--size-6) var(--type-head);
  color: inherit;
}
.quiet {
  font-size: var(--size-3);
}
</style>
