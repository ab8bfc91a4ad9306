<script setup lang="ts">
import { computed, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask } from '@/api/client'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import StageMark from '@/components/stage-mark/StageMark.vue'
import WhoIsHere from '@/components/who-is-here/WhoIsHere.vue'
import { useLoad } from '@/composables/page/useLoad'
import { useChanges } from '@/composables/together/useLive'
import { useSession } from '@/composables/people/useSession'
import { KIND_WORDS } from '@/domain/labels'
import { sectionWords } from '@/domain/sections'
import { day, hourMinute } from '@/domain/time'
import NotesCard from './NotesCard.vue'

/** Ten seconds before a class: what happened since one last led them, and what tonight asks. */
const route = useRoute()
const session = useSession()
const id = computed(() => Number(route.params.id))
const { data, problem, loading, load } = useLoad(() =>
  ask(api.GET('/api/classes/{id}/brief', { params: { path: { id: id.value } } })),
)
watch(id, load, { immediate: true })
useChanges(
  ['CLASS', 'NOTE', 'EVIDENCE', 'WATCH_OUT', 'REQUEST'],
  () => undefined,
  () => void load(),
)
const led = computed(() => (session.isMe(data.value?.leader) ? 'you lead' : data.value?.leader?.name))
</script>

<template>
  <div class="stack brief">
    <PageState :loading :problem :ready="!!data" @again="load">
      <template v-if="data">
        <PageHead :title="data.groupName" back="the class" :back-to="`/classes/${id}`">
          <template #above
            ><p class="when">
              {{ day(data.date) }}, {{ hourMinute(data.startsAt) }}, {{ data.place }}
            </p></template
          >
          <p class="row quiet">
            <span
              >{{ data.minutes }} minutes<template v-if="led"
                >, {{ led }}{{ led === 'you lead' ? '' : ' leads' }}</template
              ></span
            >
            <WhoIsHere :place="{ spot: 'CLASS', id, group: 0 }" />
          </p>
          <template #actions>
            <RouterLink :to="`/classes/${id}/floor`">
              <el-button type="primary" tag="span">On the floor</el-button>
            </RouterLink>
          </template>
        </PageHead>
        <section class="card first" aria-label="In short">
          <p v-for="sentence in data.summary" :key="sentence">{{ sentence }}</p>
        </section>

        <NotesCard :id :notes="data.notes" :last-leader="data.lastLeader" @changed="load" />

        <section class="stack" aria-label="The dances">
          <h2>The dances tonight</h2>
          <ul class="dances">
            <li v-for="one in data.dances" :key="one.dance" class="card">
              <div class="row spread">
                <RouterLink :to="`/dances/${one.dance}/calls`" class="title">{{ one.title }}</RouterLink>
                <StageMark :stage="one.stage" />
              </div>
              <p class="quiet">
                {{ one.kinds.map((kind) => KIND_WORDS[kind].toLowerCase()).join(', ') }},
                {{ one.minutes }} min<template v-if="one.shown.length && one.shown.length < one.all"
                  >; {{ sectionWords(one.shown) }} of {{ one.all }} shown</template
                >
              </p>
              <p v-if="one.options"><b>They dance:</b> {{ one.options }}</p>
              <p v-for="called in one.called" :key="called" class="call"><b>Call</b> {{ called }}</p>
              <p v-if="one.trouble.length" class="trips">Tripped them: {{ sectionWords(one.trouble) }}</p>
              <p v-for="mark in one.watchOuts" :key="mark.section" class="trips">
                Watch section {{ mark.section }}<template v-if="mark.note">: {{ mark.note }}</template>
              </p>
              <p v-if="one.note" class="quiet">
                “{{ one.note }}” {{ one.notedBy?.name }}, {{ day(one.notedOn ?? '') }}
              </p>
            </li>
          </ul>
        </section>

        <div class="halves">
          <section class="card" aria-label="The plan">
            <h2>The plan, and why</h2>
            <ol class="plan">
              <li v-for="(line, i) in data.plan" :key="i">
                <b>{{ line.minutes }}′ {{ KIND_WORDS[line.kind] }}:</b> {{ line.title }}
                <span class="quiet">{{ line.why }}</span>
              </li>
            </ol>
          </section>
          <section class="card" aria-label="Since you led them">
            <h2>The classes since</h2>
            <p v-if="!data.since.length" class="quiet">None: you led them last.</p>
            <div v-for="held in data.since" :key="held.date" class="held">
              <h3>{{ day(held.date) }}, {{ held.leader.name }}</h3>
              <ul>
                <li v-for="done in held.done" :key="done">{{ done }}</li>
              </ul>
              <p v-if="held.note">“{{ held.note }}”</p>
              <p v-if="held.missing.length" class="quiet">missing: {{ held.missing.join(', ') }}</p>
            </div>
            <template v-if="data.wishes.length">
              <h3>Asked for</h3>
              <p v-for="wish in data.wishes" :key="wish.title + wish.askedBy">
                {{ wish.title }} <span class="quiet">{{ wish.askedBy }}, {{ day(wish.since) }}</span>
              </p>
            </template>
          </section>
        </div>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.brief {
  max-width: 980px;
  margin-inline: auto;
}
.when {
  font: 700 var(--size-6) var(--type-head);
  color: var(--accent);
}
.first {
  display: grid;
  gap: var(--space-2);
  border-left: 8px solid var(--accent);
  font-size: var(--size-7);
  line-height: 1.45;
}
.first p:first-child {
  font-weight: 700;
}
.dances {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(290px, 100%), 1fr));
  gap: var(--space-3);
}
.dances > li {
  display: grid;
  gap: var(--space-1);
  align-content: start;
}
.title {
  font: 700 var(--size-7) var(--type-head);
  color: inherit;
}
.trips {
  font-weight: 700;
  color: var(--notice-text);
}
.halves {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(340px, 100%), 1fr));
  gap: var(--space-4);
  align-items: start;
}
.plan {
  margin: 0;
  padding-left: 20px;
  display: grid;
  gap: var(--space-1);
}
.held ul {
  margin: 0;
  padding-left: 20px;
}
.held + .held {
  margin-top: var(--space-3);
}
@media print {
  .brief {
    font-size: var(--size-1);
  }
  .first {
    font-size: var(--size-2);
  }
  .dances {
    grid-template-columns: 1fr 1fr;
  }
  .card {
    break-inside: avoid;
  }
}
</style>
