<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useLoad } from '@/composables/page/useLoad'

/** The song that a dance is looked at with: of its sheet, of the club's list, or none. */
const choice = defineModel<string>({ required: true })
const props = defineProps<{ walls: Schemas['Walls'] }>()
const songs = useLoad(() => ask(api.GET('/api/songs')))
onMounted(songs.load)

const shown = computed({
  get: () => choice.value || props.walls.music?.id || 'none',
  set: (now: string) => (choice.value = now),
})
const label = (title: string, artist?: string) => (artist ? `${title}, ${artist}` : title)
</script>

<template>
  <el-select v-model="shown" filterable class="music" aria-label="Song">
    <el-option-group v-if="walls.sheetSongs.length" label="On its sheet">
      <el-option
        v-for="one in walls.sheetSongs"
        :key="one.id"
        :value="one.id"
        :label="label(one.song.title, one.song.artist)"
      />
    </el-option-group>
    <el-option-group label="The club’s songs">
      <el-option
        v-for="one in songs.data.value ?? []"
        :key="one.id"
        :value="`list-${one.id}`"
        :label="label(one.song.title, one.song.artist)"
      />
    </el-option-group>
    <el-option value="none" label="no music" />
  </el-select>
</template>

<style scoped>
.music {
  flex: 1 1 160px;
  max-width: 370px;
  min-width: 0;
}
</style>
