<script setup lang="ts">
import { computed } from 'vue'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useWaiting } from '@/composables/device/useWaiting'
import { day, hourMinute, moment } from '@/domain/time'
import ProposalCard from './ProposalCard.vue'

/** What waits for one: proposals, questions, classes without a leader, plans that were changed. */
const waiting = useWaiting()
const { load, markSeen } = waiting
const all = computed(() => waiting.all)
const STATES = { TAKEN: 'taken over', DECLINED: 'declined', WITHDRAWN: 'withdrawn', OPEN: 'open' }
</script>

<template>
  <div class="stack">
    <PageHead title="Waiting">
      <p class="quiet">What asks for a word of yours, and what became of yours</p>
    </PageHead>
    <PageState :loading="waiting.loading" :problem="waiting.problem" :ready="!!all" @again="load">
      <template v-if="all">
        <p v-if="!waiting.count && !all.decided.length && !all.answered.length" class="card">
          Nothing waits. Proposals, questions, classes that nobody leads, and plans of yours that somebody
          changed come here.
        </p>
        <section v-if="all.open.length" class="stack" aria-label="Proposals">
          <h2>
            {{ all.open.some((one) => one.decides) ? 'Proposed changes' : 'Your proposals' }}
          </h2>
          <ProposalCard v-for="one in all.open" :key="one.id" :proposal="one" @changed="load" />
        </section>
        <section v-if="all.asked.length" class="card stack" aria-label="Questions">
          <h2>You are asked</h2>
          <p v-for="one in all.asked" :key="one.id">
            <b>{{ one.by.name }}</b>, about {{ one.groupName }}: {{ one.text }}
            <RouterLink v-if="one.classId" :to="`/classes/${one.classId}/brief`">Answer</RouterLink>
          </p>
        </section>
        <section v-if="all.changed.length" class="card stack" aria-label="Changed plans">
          <h2>Changed since you read it</h2>
          <p v-for="one in all.changed" :key="one.id" class="row">
            <RouterLink :to="`/classes/${one.id}`" @click="markSeen(one)"
              >{{ one.groupName }}, {{ day(one.date) }}</RouterLink
            >
            <button type="button" class="plain-button" @click="markSeen(one)">I have seen it</button>
          </p>
        </section>
        <section v-if="all.leaderless.length" class="card stack" aria-label="Classes without a leader">
          <h2>Nobody leads these yet</h2>
          <p v-for="one in all.leaderless" :key="one.id">
            <RouterLink :to="`/classes/${one.id}`">{{ one.groupName }}, {{ day(one.date) }}</RouterLink
            >{{ ' ' }}
            <span class="quiet"> {{ hourMinute(one.startsAt) }}, {{ one.place }}</span>
          </p>
        </section>
        <section v-if="all.answered.length" class="card stack" aria-label="Answers">
          <h2>Answered lately</h2>
          <p v-for="one in all.answered" :key="one.id">
            {{ one.groupName }}: “{{ one.text }}” <b>{{ one.answeredBy?.name }}:</b> {{ one.answer }}
          </p>
        </section>
        <section v-if="all.decided.length" class="card stack" aria-label="Decided">
          <h2>Decided lately</h2>
          <p v-for="one in all.decided" :key="one.id">
            <b>{{ one.title }}</b>, proposed by {{ one.by.name }}: {{ STATES[one.state] }} by
            {{ one.decidedBy?.name }}{{ one.answer ? `: “${one.answer}”` : '' }}
            <span v-if="one.decidedAt" class="quiet">{{ moment(one.decidedAt) }}</span>
          </p>
        </section>
      </template>
    </PageState>
  </div>
</template>
