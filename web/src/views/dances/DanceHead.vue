<script setup lang="ts">
import ShareKey from '@/components/share-key/ShareKey.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import WhoIsHere from '@/components/who-is-here/WhoIsHere.vue'
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { minutesSeconds } from '@/domain/time'

/** The name of a dance, whose it is, its music, and where to go from here. */
const props = defineProps<{ reading: Schemas['Reading']; number?: number }>()
const offers = computed(() => [
  {
    words: 'Practice page: footprints, band, slow to full speed',
    what: { kind: 'PRACTICE' as const, dance: props.number },
  },
  { words: 'Sheet, in sentences or by name', what: { kind: 'SHEET' as const, dance: props.number } },
  { words: 'Call sheet', what: { kind: 'CALLS' as const, dance: props.number } },
])
const sub = computed(() => {
  const song = props.reading.songs[0]
  const by = props.reading.by ? `by ${props.reading.by}` : ''
  const music = song
    ? [
        `“${song.title}”`,
        song.artist,
        song.countsPerMinute && `${song.countsPerMinute} counts a minute`,
        song.seconds && minutesSeconds(song.seconds),
      ]
    : []
  return [by, music.filter(Boolean).join(', ')].filter(Boolean).join(' · ')
})
</script>

<template>
  <PageHead :title="reading.title">
    <p class="quiet">{{ sub }}</p>
    <WhoIsHere v-if="number !== undefined" :place="{ spot: 'DANCE', id: number, group: 0 }" />
    <template v-if="number !== undefined && reading.sound" #actions>
      <ShareKey :offers large />
      <RouterLink :to="`/dances/${number}/sheet`"
        ><el-button size="large" tag="span">Sheet</el-button></RouterLink
      >
      <RouterLink :to="`/dances/${number}/walls`"
        ><el-button size="large" tag="span">Walls</el-button></RouterLink
      >
      <RouterLink :to="`/dances/${number}/teach`"
        ><el-button size="large" tag="span">Teach</el-button></RouterLink
      >
      <RouterLink :to="`/dances/${number}/run-through`">
        <el-button size="large" type="primary" tag="span">Run through</el-button>
      </RouterLink>
    </template>
  </PageHead>
</template>
