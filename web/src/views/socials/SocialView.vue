<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import { confirmed } from '@/composables/page/confirm'
import { useDo } from '@/composables/page/useDo'
import { useSession } from '@/composables/people/useSession'
import { day, hourMinute } from '@/domain/time'
import FloorStrip from './FloorStrip.vue'
import { isPlayed, isSong, PAUSE_WORDS, songOf, timeAt, toCome, type Line } from './order'
import ProposedOrder from './ProposedOrder.vue'
import SocialForm from './SocialForm.vue'
import SongRow from './SongRow.vue'
import { useSocial } from './useSocial'

/** A social: the order of its dances, who sits when, and what another order is worth. */
const route = useRoute()
const router = useRouter()
const id = computed(() => Number(route.params.id))
const social = useSocial(() => id.value)
const { data: sheet, problem, loading, load, proposed, names } = social
const session = useSession()
const { busy, run } = useDo()
const editing = ref(false)
const dance = ref<number>()
watch(id, load, { immediate: true })
/** What is in the record does not change any more. */
const may = computed(() => session.may('LEAD') && !sheet.value?.recorded)
const lines = computed(() => sheet.value?.order.lines ?? [])
const coming = computed(() => toCome(lines.value))
const waits = computed(() =>
  (sheet.value?.order.waits ?? []).filter((one) => one.seconds > (sheet.value?.longestWait ?? 0) * 60),
)
const late = computed(() =>
  Math.ceil(((sheet.value?.order.endsAt ?? 0) - (sheet.value?.minutes ?? 0) * 60) / 60),
)
/** What was worth how much before the last change by hand, to be taken back. */
const before = ref<{ points: number; songs: Schemas['SongForm'][] }>()
const change = computed(() =>
  sheet.value && before.value ? sheet.value.order.points - before.value.points : 0,
)
const others = computed(() => {
  const there = lines.value.flatMap((line) => line.dances.map((one) => one.dance))
  const often = (dance: number) => there.filter((one) => one === dance).length
  return (sheet.value?.dances ?? [])
    .filter((one) => often(one.dance) < 2)
    .map((one) => ({ ...one, label: often(one.dance) ? `${one.title} (again)` : one.title }))
})

async function put(songs: Schemas['SongForm'][]) {
  const was = { points: sheet.value?.order.points ?? 0, songs: coming.value.map((line) => songOf(line)) }
  if (await run(() => social.order(songs))) before.value = was
}
function move(line: Line, by: number) {
  const songs = coming.value.map((one) => songOf(one))
  const at = coming.value.indexOf(line)
  const [taken] = songs.splice(at, 1)
  songs.splice(at + by, 0, taken)
  return put(songs)
}
const drop = (line: Line) => put(coming.value.filter((one) => one !== line).map((one) => songOf(one)))
const stays = (line: Line, now: boolean) =>
  run(() => social.order(coming.value.map((one) => songOf(one, one === line ? now : one.stays))))
async function add() {
  const added = dance.value
  if (!added) return
  dance.value = undefined
  await put([...coming.value.map((one) => songOf(one)), { how: 'DANCE', dance: added, stays: false }])
}
async function undo() {
  const was = before.value
  if (was && (await run(() => social.order(was.songs)))) before.value = undefined
}
async function takeOver() {
  const order = proposed.value
  if (order) await put(toCome(order.lines).map((line) => songOf(line)))
}
function framed(now: Schemas['SocialSheet']) {
  social.take(now)
  editing.value = false
}
async function remove() {
  if (
    !sheet.value ||
    !(await confirmed(
      'Remove this social',
      `${sheet.value.name} goes off the list; what is in the record stays.`,
      'Remove',
      'Keep',
    ))
  )
    return
  const query = { version: sheet.value.version }
  await run(async () => {
    await ask(api.DELETE('/api/socials/{id}', { params: { path: { id: id.value }, query } }))
    await router.push('/socials')
  })
}
const print = () => window.print()
</script>

<template>
  <div class="stack">
    <PageState :loading="loading && !sheet" :problem :ready="!!sheet" @again="load">
      <template v-if="sheet">
        <PageHead :title="sheet.name" back="Socials" back-to="/socials">
          <p class="quiet">
            {{ day(sheet.date) }}, {{ hourMinute(sheet.startsAt) }} to
            {{ timeAt(sheet.startsAt, sheet.minutes * 60) }};
            {{ sheet.guests.reduce((sum, one) => sum + one.heads, 0) }} people of {{ sheet.guests.length }}
            {{ sheet.guests.length === 1 ? 'group' : 'groups' }}
          </p>
          <template #actions>
            <RouterLink :to="`/socials/${id}/evening`"
              ><el-button tag="span" type="primary">The evening</el-button></RouterLink
            >
            <RouterLink :to="`/socials/${id}/screen`"
              ><el-button tag="span">Wall screen</el-button></RouterLink
            >
            <el-button @click="print">Print the set list</el-button>
            <a :href="`/api/socials/${id}/xspf`" download>Playlist</a>
          </template>
        </PageHead>
        <div v-if="session.may('LEAD')" class="row no-print">
          <el-button
            v-if="may"
            :type="coming.length ? 'default' : 'primary'"
            :loading="busy"
            @click="run(() => social.plan())"
            >{{ coming.length ? 'Look for a better order' : 'Plan the order' }}</el-button
          >
          <el-button v-if="may && session.may('PLAN') && !editing" @click="editing = true"
            >Who and when</el-button
          >
          <el-button v-if="session.may('PLAN')" text @click="remove">Remove</el-button>
        </div>
        <SocialForm v-if="editing" class="no-print" :social="id" @done="framed" @cancel="editing = false" />
        <ProposedOrder
          v-if="proposed"
          class="no-print"
          :sheet
          :order="proposed"
          :busy
          @take="takeOver"
          @leave="proposed = undefined"
        />
        <p v-if="before && change" class="card row spread no-print" role="status">
          <span>{{
            change > 0 ? `That is worth ${change} points more.` : `That costs ${-change} points.`
          }}</span>
          <el-button size="small" :disabled="busy" @click="undo">Take it back</el-button>
        </p>
        <section v-if="lines.length" class="card stack">
          <FloorStrip class="no-print" :sheet :lines />
          <p v-if="late > 0" class="wrong">
            It lasts {{ late }} {{ late === 1 ? 'minute' : 'minutes' }} longer than the evening.
          </p>
          <p v-for="one in waits" :key="one.group" class="wrong no-print">
            {{ names.get(one.group) }} sit for {{ Math.ceil(one.seconds / 60) }} minutes at the longest;
            {{ sheet.longestWait }} are wanted.
          </p>
          <p v-if="sheet.withoutSong" class="quiet no-print">
            {{ sheet.withoutSong }} {{ sheet.withoutSong === 1 ? 'dance has' : 'dances have' }} a song that
            does not stand on the club’s list<template v-if="sheet.onlyListed"
              >, so they are not played</template
            >.
          </p>
          <ol class="rows order">
            <template v-for="line in lines" :key="line.start">
              <SongRow
                v-if="isSong(line)"
                :line
                :sheet
                :names
                :may
                :busy
                :at="coming.indexOf(line)"
                :of="coming.length"
                @move="move(line, $event)"
                @drop="drop(line)"
                @stays="stays(line, $event)"
              />
              <li v-else class="between">
                <span class="number">{{ timeAt(sheet.startsAt, line.start) }}</span>
                <b>{{ line.pause ? PAUSE_WORDS[line.pause] : '' }}</b>
                <span class="quiet">{{ Math.round(line.seconds / 60) }} minutes</span>
              </li>
            </template>
          </ol>
          <div v-if="may && !lines.every(isPlayed)" class="row no-print">
            <el-select
              v-model="dance"
              filterable
              placeholder="Add a dance"
              aria-label="Add a dance"
              style="width: 260px"
            >
              <el-option v-for="one in others" :key="one.dance" :value="one.dance" :label="one.label" />
            </el-select>
            <el-button :disabled="!dance || busy" @click="add">Add it at the end</el-button>
          </div>
        </section>
        <p v-else class="card">
          There is no order yet. The program proposes one from the {{ sheet.dances.length }} dances that
          somebody who comes knows, or that are picked up in five minutes.
        </p>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.order {
  padding-left: 0;
}
.between {
  display: grid;
  grid-template-columns: 56px auto 1fr;
  gap: 10px;
  align-items: baseline;
  background: var(--inset);
  padding-left: 0;
}
.wrong {
  color: var(--wrong);
}
@media (max-width: 700px) {
  .between {
    grid-template-columns: 46px auto 1fr;
  }
}
</style>
