<script setup lang="ts">
import { computed, onMounted, reactive, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import FormField from '@/components/form-field/FormField.vue'
import GroupNumbers from '@/components/group-numbers/GroupNumbers.vue'
import { useLoad } from '@/composables/page/useLoad'
import { hourMinute } from '@/domain/time'
import { PAUSE_WORDS } from './order'

/** When a social is, who comes with how many, and what comes in between. */
const props = defineProps<{ sheet?: Schemas['SocialSheet']; busy: boolean }>()
const emit = defineEmits<{ save: [form: Schemas['SocialForm']]; cancel: [] }>()
type Kind = Schemas['BetweenForm']['kind']
const USUAL_HEADS = 12
const groups = useLoad(() => ask(api.GET('/api/groups')))
onMounted(async () => {
  await groups.load()
  if (props.sheet) return
  heads.value = Object.fromEntries((groups.data.value ?? []).map((one) => [one.id, USUAL_HEADS]))
})

const form = reactive({
  name: props.sheet?.name ?? '',
  date: props.sheet?.date ?? null,
  startsAt: hourMinute(props.sheet?.startsAt ?? '19:30'),
  minutes: props.sheet?.minutes ?? 150,
  longestWait: props.sheet?.longestWait ?? 12,
  onlyListed: props.sheet?.onlyListed ?? false,
  between: (props.sheet?.between ?? [
    { kind: 'WALK_IN', at: 20, minutes: 0 },
    { kind: 'BREAK', at: 70, minutes: 15 },
  ]) as Schemas['BetweenForm'][],
})
const heads = ref<Record<number, number>>(
  Object.fromEntries((props.sheet?.guests ?? []).map((one) => [one.group, one.heads])),
)
const ready = computed(() => form.name.trim() && form.date)
const KINDS = Object.keys(PAUSE_WORDS) as Kind[]

function add() {
  form.between = [...form.between, { kind: 'BREAK', at: Math.round(form.minutes / 2), minutes: 15 }]
}
function kind(one: Schemas['BetweenForm'], to: Kind) {
  one.kind = to
  one.minutes = to === 'WALK_IN' ? 0 : one.minutes || 10
}
function save() {
  if (!form.date) return
  emit('save', {
    ...form,
    name: form.name.trim(),
    date: form.date,
    version: props.sheet?.version ?? 0,
    guests: Object.entries(heads.value).map(([group, many]) => ({ group: Number(group), heads: many })),
  })
}
</script>

<template>
  <form class="card stack" novalidate @submit.prevent="save">
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
        v-model="heads"
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
        sheet ? 'Save' : 'Make it'
      }}</el-button>
      <el-button @click="emit('cancel')">Cancel</el-button>
    </div>
  </form>
</template>

<style scoped>
.fields {
  align-items: start;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
}
legend {
  font-weight: 600;
  padding: 0;
}
</style>
