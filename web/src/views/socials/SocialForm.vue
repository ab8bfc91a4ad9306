<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { lastBy } from '@/api/last-by'
import ConflictPanel from '@/components/conflict-panel/ConflictPanel.vue'
import DraftNote from '@/components/draft-note/DraftNote.vue'
import FormField from '@/components/form-field/FormField.vue'
import GroupNumbers from '@/components/group-numbers/GroupNumbers.vue'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useVersioned, type Stored } from '@/composables/page/useVersioned'
import { mergeFields } from '@/domain/merge'
import { hourMinute } from '@/domain/time'
import { linesOf, PAUSE_WORDS, type Frame } from './order'

/** When a social is, who comes with how many, and what comes in between; without a number it makes a new one. */
const props = defineProps<{ social?: number }>()
const emit = defineEmits<{ done: [sheet: Schemas['SocialSheet']]; cancel: [] }>()
type Kind = Schemas['BetweenForm']['kind']
type Sheet = Schemas['SocialSheet']
const USUAL_HEADS = 12
const { busy, save: saved } = useDo()
const groups = useLoad(() => ask(api.GET('/api/groups')))
const usual = ref<Record<number, number>>({})

function stored(view: Sheet): Stored<Frame, Sheet> {
  const { name, date, minutes, longestWait, onlyListed, between } = view
  const heads = Object.fromEntries(view.guests.map((one) => [one.group, one.heads]))
  const value = {
    name,
    date,
    startsAt: hourMinute(view.startsAt),
    minutes,
    longestWait,
    onlyListed,
    between,
    heads,
  }
  return { version: view.version, value, view, by: '' }
}

const social = useVersioned<Frame, Sheet>({
  key: () => `social-${props.social ?? 'new'}`,
  load: async () => {
    if (props.social === undefined) return undefined
    const [sheet, by] = await Promise.all([
      ask(api.GET('/api/socials/{id}', { params: { path: { id: props.social } } })),
      lastBy('SOCIAL', props.social),
    ])
    return { ...stored(sheet), by }
  },
  fresh: () => ({
    name: '',
    date: null,
    startsAt: '19:30',
    minutes: 150,
    longestWait: 12,
    onlyListed: false,
    between: [
      { kind: 'WALK_IN', at: 20, minutes: 0 },
      { kind: 'BREAK', at: 70, minutes: 15 },
    ],
    heads: usual.value,
  }),
  save: async ({ heads, ...value }, version) => {
    const guests = Object.entries(heads).map(([group, many]) => ({ group: Number(group), heads: many }))
    const body = { ...value, name: value.name.trim(), date: value.date ?? '', guests, version }
    const id = props.social
    return stored(
      await ask(
        id === undefined
          ? api.POST('/api/socials', { body })
          : api.PUT('/api/socials/{id}', { params: { path: { id } }, body }),
      ),
    )
  },
  merge: mergeFields,
})
const { value: form, clash, restored } = social
/** What is typed before it is there would be written over. */
const isOpen = ref(false)
onMounted(async () => {
  await groups.load()
  usual.value = Object.fromEntries((groups.data.value ?? []).map((one) => [one.id, USUAL_HEADS]))
  await social.open()
  isOpen.value = true
})

const ready = computed(() => !!form.value.name.trim() && !!form.value.date && !clash.value)
const KINDS = Object.keys(PAUSE_WORDS) as Kind[]
const lines = (of: Frame) => linesOf(of, groups.data.value ?? [])

function add() {
  const at = Math.round(form.value.minutes / 2)
  form.value.between = [...form.value.between, { kind: 'BREAK', at, minutes: 15 }]
}
function kind(one: Schemas['BetweenForm'], to: Kind) {
  one.kind = to
  one.minutes = to === 'WALK_IN' ? 0 : one.minutes || 10
}
async function save() {
  if (!(await saved(social, props.social === undefined ? '' : 'Saved.'))) return
  const now = social.stored.value
  if (now) emit('done', now.view)
}
function cancel() {
  social.discard()
  emit('cancel')
}
</script>

<template>
  <ConflictPanel :of="social" :lines="lines" />
  <DraftNote :restored @discard="social.discard()" />
  <form v-if="isOpen" class="card stack" novalidate @submit.prevent="save">
    <div class="row fields">
      <FormField label="Name"><el-input v-model="form.name" name="name" maxlength="60" /></FormField>
      <FormField label="Day">
        <el-date-picker v-model="form.date" value-format="YYYY-MM-DD" aria-label="Day" />
      </FormField>
      <FormField label="Begins">
        <el-time-select v-model="form.startsAt" start="08:00" end="23:30" step="00:15" aria-label="Begins" />
      </FormField>
      <FormField label="Minutes">
        <el-input-number v-model="form.minutes" :min="20" :max="480" :step="15" aria-label="Minutes" />
      </FormField>
      <FormField label="Nobody waits longer than" hint="minutes">
        <el-input-number
          v-model="form.longestWait"
          :min="3"
          :max="120"
          aria-label="Longest wait in minutes"
        />
      </FormField>
    </div>
    <fieldset>
      <legend>Who comes, and how many</legend>
      <GroupNumbers
        v-model="form.heads"
        :groups="groups.data.value ?? []"
        of="How many of"
        :min="1"
        :max="500"
        :usual="USUAL_HEADS"
      />
    </fieldset>
    <fieldset>
      <legend>In between</legend>
      <ul class="rows">
        <li v-for="(one, i) in form.between" :key="i" class="row">
          <el-select
            :model-value="one.kind"
            style="width: 120px"
            :aria-label="`What comes in between, ${i + 1}`"
            @update:model-value="(to: Kind) => kind(one, to)"
          >
            <el-option v-for="it in KINDS" :key="it" :value="it" :label="PAUSE_WORDS[it]" />
          </el-select>
          after
          <el-input-number
            v-model="one.at"
            :min="0"
            :max="form.minutes - 1"
            size="small"
            :aria-label="`${PAUSE_WORDS[one.kind]}: after how many minutes`"
          />
          minutes<template v-if="one.kind !== 'WALK_IN'"
            >, for
            <el-input-number
              v-model="one.minutes"
              :min="1"
              :max="120"
              size="small"
              :aria-label="`${PAUSE_WORDS[one.kind]}: for how many minutes`"
            />
          </template>
          <span v-else class="quiet">an easy short dance is taught to everybody in five minutes</span>
          <button
            class="plain-button"
            type="button"
            :aria-label="`Without this ${PAUSE_WORDS[one.kind].toLowerCase()}`"
            @click="form.between = form.between.filter((it) => it !== one)"
          >
            ✕
          </button>
        </li>
      </ul>
      <el-button size="small" :disabled="form.between.length >= 12" @click="add">One more</el-button>
    </fieldset>
    <el-checkbox v-model="form.onlyListed" label="Only songs that stand on the club’s list" />
    <div class="row">
      <el-button type="primary" native-type="submit" :disabled="!ready" :loading="busy">{{
        props.social === undefined ? 'Make it' : 'Save'
      }}</el-button>
      <el-button @click="cancel">Cancel</el-button>
    </div>
  </form>
</template>

<style scoped>
.fields {
  align-items: start;
}
</style>
