<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'

/** Who leads a class; where nobody does, or who does is away, who could. */
const props = defineProps<{ sheet: Schemas['ClassSheet']; busy: boolean }>()
const emit = defineEmits<{ lead: [person: Schemas['ClubPerson'] | undefined] }>()
const session = useSession()
const { data, load } = useLoad(() =>
  ask(api.GET('/api/classes/{id}/stand-ins', { params: { path: { id: props.sheet.id } } })),
)
const choosing = ref(false)
const may = computed(() => session.mayInClass('LEAD', props.sheet.leader))
const mine = computed(() => session.isMe(props.sheet.leader))
const me = computed(() => data.value?.people.find((one) => session.isMe(one.person)))
const mayTake = computed(() => !mine.value && data.value?.open === true && (me.value?.free ?? false))

watch(
  () => [props.sheet.id, props.sheet.version],
  () => session.may('LEAD') && !props.sheet.recorded && load(),
  { immediate: true },
)

function choose(person?: Schemas['ClubPerson']) {
  choosing.value = false
  emit('lead', person)
}
</script>

<template>
  <span v-if="sheet.recorded" class="row">
    <span v-if="sheet.leader">led by {{ sheet.leader.name }}</span>
  </span>
  <span v-else class="row no-print">
    <span v-if="sheet.leader"
      >led by <strong>{{ mine ? 'you' : sheet.leader.name }}</strong></span
    >
    <span v-else class="chip due">nobody leads it yet</span>
    <span v-if="sheet.leader && data?.open" class="chip due"
      >{{ mine ? 'you are' : 'who is' }} away then</span
    >
    <el-button
      v-if="mayTake"
      size="small"
      :type="session.may('EVERY_CLASS') ? 'default' : 'primary'"
      :loading="busy"
      @click="choose(session.me)"
      >I lead it</el-button
    >
    <el-popover v-if="may" v-model:visible="choosing" trigger="click" :width="360" placement="bottom-start">
      <template #reference>
        <el-button size="small" :loading="busy">{{ mine ? 'I cannot…' : 'Who could lead…' }}</el-button>
      </template>
      <ul class="people" aria-label="Who could lead">
        <li v-for="one in data?.people ?? []" :key="one.person.id" :class="{ busy: !one.free }">
          <button type="button" class="plain-button" :disabled="!one.free" @click="choose(one.person)">
            {{ one.person.name }}
          </button>
          <p class="quiet">{{ one.why.join(' ') }}</p>
        </li>
        <li v-if="sheet.leader">
          <button type="button" class="plain-button" @click="choose()">Nobody in particular</button>
        </li>
      </ul>
    </el-popover>
  </span>
</template>

<style scoped>
.people {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-2);
  max-height: 60vh;
  overflow: auto;
}
.people p {
  font-size: var(--size-3);
  line-height: 1.3;
}
.busy {
  opacity: 0.75;
}
</style>
