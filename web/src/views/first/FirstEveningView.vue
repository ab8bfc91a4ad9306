<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask } from '@/api/client'
import PageHead from '@/components/page-head/PageHead.vue'
import { useLoad } from '@/composables/page/useLoad'
import { usePlanClass } from '@/composables/evening/usePlanClass'
import { useSession } from '@/composables/people/useSession'
import { WEEKDAY_WORDS } from '@/domain/labels'
import { day, hourMinute } from '@/domain/time'
import ClubFilePanel from '@/views/club/ClubFilePanel.vue'
import InvitePanel from '@/views/club/InvitePanel.vue'
import GroupForm from '@/views/groups/GroupForm.vue'
import FirstStep from './FirstStep.vue'
import SamplePanel from './SamplePanel.vue'
import StarterDances from './StarterDances.vue'

/** From nothing to the first class: groups, dances, people, the evening itself. */
const session = useSession()
const { busy, plan } = usePlanClass()
const club = useLoad(() => ask(api.GET('/api/club')))
const groups = useLoad(() => ask(api.GET('/api/groups')))
const dances = useLoad(() => ask(api.GET('/api/dances')))
const classes = useLoad(() => ask(api.GET('/api/classes')))
const adding = ref(false)
const choosing = ref(false)

async function load() {
  await Promise.all([club.load(), groups.load(), dances.load(), classes.load()])
  adding.value = groups.data.value?.length === 0
  choosing.value = dances.data.value?.length === 0
}
onMounted(load)

const coming = computed(() => classes.data.value?.coming ?? [])
const planned = computed(() => coming.value.filter((one) => one.planned))

async function added() {
  adding.value = false
  await Promise.all([groups.load(), classes.load()])
}
</script>

<template>
  <div class="stack">
    <PageHead title="First evening">
      <p class="quiet">
        From nothing to the first class. Each step can wait; come back to this page from Club or from an empty
        list.
      </p>
    </PageHead>
    <ClubFilePanel v-if="session.may('CLUB') && club.data.value?.empty" />
    <FirstStep :number="1" title="Your groups" :done="!!groups.data.value?.length">
      <p>The people who meet on one evening of the week, and roughly how far they are.</p>
      <ul class="rows">
        <li v-for="one in groups.data.value" :key="one.id">
          <RouterLink :to="`/groups/${one.id}`">{{ one.name }}</RouterLink>
          <span class="quiet after"
            >{{ WEEKDAY_WORDS[one.weekday] }} {{ hourMinute(one.startsAt) }}, {{ one.minutes }} minutes</span
          >
        </li>
      </ul>
      <GroupForm v-if="adding" @done="added" @cancel="adding = false" />
      <div v-else class="row"><el-button @click="adding = true">Add a group</el-button></div>
    </FirstStep>
    <FirstStep :number="2" title="First dances" :done="!!dances.data.value?.length">
      <p>
        <template v-if="dances.data.value?.length"
          ><RouterLink to="/dances"
            >{{ dances.data.value.length }}
            {{ dances.data.value.length === 1 ? 'dance is' : 'dances are' }}</RouterLink
          >
          here.</template
        >
        Bring <RouterLink to="/files">all sheets, songs and lists you have</RouterLink>, as files; read
        <RouterLink to="/dances/read">one sheet line by line</RouterLink>; write
        <RouterLink to="/dances/new">one of your own</RouterLink>; or begin with some of twelve easy ones,
        invented for this program.
      </p>
      <StarterDances v-if="choosing" @taken="dances.load" />
      <div v-else class="row"><el-button @click="choosing = true">Choose easy ones</el-button></div>
    </FirstStep>
    <FirstStep v-if="session.may('PEOPLE')" :number="3" title="Who leads with you" :done="false" optional>
      <InvitePanel />
    </FirstStep>
    <FirstStep :number="session.may('PEOPLE') ? 4 : 3" title="The first class" :done="planned.length > 0">
      <p v-if="!coming.length">As soon as there is a group, its next evening stands here.</p>
      <ul class="rows">
        <li v-for="one in coming" :key="one.group" class="row spread">
          <span
            ><b>{{ one.groupName }}</b
            >, {{ day(one.nextDate) }} {{ hourMinute(one.startsAt) }}</span
          >
          <RouterLink v-if="one.planned" :to="`/classes/${one.planned.id}`"
            >Open the running order</RouterLink
          >
          <el-button
            v-else
            type="primary"
            :loading="busy"
            :disabled="!dances.data.value?.length"
            @click="plan(one)"
            >Plan {{ one.minutes }} minutes</el-button
          >
        </li>
      </ul>
      <p v-if="coming.length && !dances.data.value?.length" class="quiet">
        A class wants a dance or two to teach; take some above.
      </p>
    </FirstStep>
    <SamplePanel />
  </div>
</template>
