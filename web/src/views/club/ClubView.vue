<script setup lang="ts">
import { useSession } from '@/composables/people/useSession'
import PageHead from '@/components/page-head/PageHead.vue'
import SessionList from '@/views/account/SessionList.vue'
import BackupPanel from './BackupPanel.vue'
import ClubFilePanel from './ClubFilePanel.vue'
import PeoplePanel from './PeoplePanel.vue'
import RolesPanel from './RolesPanel.vue'

const session = useSession()
</script>

<template>
  <div class="stack">
    <PageHead title="Club">
      <p class="quiet">
        Who leads here, what they may, where they are signed in, and the copies of what the club knows
      </p>
    </PageHead>
    <PeoplePanel v-if="session.may('PEOPLE')" />
    <template v-if="session.may('CLUB')">
      <RolesPanel />
      <BackupPanel />
      <ClubFilePanel />
      <SessionList title="Signed in" />
      <p>
        <RouterLink to="/club/log">What was done in the club: changes, links, copies, who came in</RouterLink>
      </p>
    </template>
    <p v-else class="card">
      People, copies and the log are in the hands of the club’s owners; ask one of them. Your own name,
      password and devices stand <RouterLink to="/account">on your page</RouterLink>.
    </p>
    <p>
      <RouterLink to="/first">The first evening: groups, first dances, people, the first class</RouterLink>
    </p>
    <p class="quiet"><RouterLink to="/news">What is new in this release</RouterLink></p>
    <p class="quiet"><RouterLink to="/notices">What this program is made of, and its licences</RouterLink></p>
  </div>
</template>
