<script setup lang="ts">
import { computed, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useChoice } from '@/composables/page/useChoice'
import { useLoad } from '@/composables/page/useLoad'
import { startsOn } from '@/domain/counting'

/** What is called in the sections of a drill, and on which count one begins to say it. */
const props = defineProps<{ dance: number; group: number; drill: Schemas['DrillView'] }>()
type Style = 'NAMES' | 'STEPS' | 'COUNTS' | 'NUMBERED'
const style = useChoice<Style>('calls', 'NAMES')
const STYLES: { value: Style; label: string }[] = [
  { value: 'NAMES', label: 'figure names' },
  { value: 'STEPS', label: 'step words' },
  { value: 'COUNTS', label: 'counts' },
  { value: 'NUMBERED', label: 'every step numbered' },
]
const { data, problem, load } = useLoad(() =>
  ask(
    api.GET('/api/dances/{id}/cues', {
      params: {
        path: { id: props.dance },
        query: {
          group: props.group,
          style: style.value,
          percent: props.drill.mode === 'WORDS' ? 50 : props.drill.percent,
        },
      },
    }),
  ),
)
watch(() => [props.dance, props.group, props.drill.percent, props.drill.mode, style.value], load, {
  immediate: true,
})

const shown = computed(() => {
  const { kind, from, to } = props.drill.scope
  const sections = data.value ?? []
  if (kind === 'SECTION') return sections.filter((one) => one.section === from)
  if (kind === 'RUN' || kind === 'JOIN')
    return sections.filter((one) => one.section >= from && one.section <= to)
  return kind === 'OPTION' || kind === 'EVENT' ? [] : sections
})
const HOWS: Record<Schemas['CueView']['how'], string> = {
  FITS: '',
  SHORTENED: 'shortened',
  MOVED: 'earlier',
  SILENT: 'no time: by heart',
}
</script>

<template>
  <div class="calls">
    <div class="row">
      <span class="quiet">Calls</span>
      <el-select v-model="style" size="small" style="width: 170px" aria-label="Calls">
        <el-option v-for="one in STYLES" :key="one.value" v-bind="one" />
      </el-select>
    </div>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <p v-for="section in shown" :key="section.section" class="line">
      <span v-if="shown.length > 1" class="quiet">{{ section.section }}:</span>
      <span
        v-for="(cue, i) in section.cues"
        :key="i"
        class="cue"
        :class="cue.how"
        :title="HOWS[cue.how] ? `${cue.full}: ${HOWS[cue.how]}` : cue.full"
      >
        <small class="number">{{ startsOn(cue.startTick, section.counts) }}</small>
        {{ cue.text || `(${cue.full})` }}
      </span>
    </p>
  </div>
</template>

<style scoped>
.calls {
  margin-top: 6px;
  width: 100%;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 3px 6px;
  margin-top: 4px;
  align-items: baseline;
}
.cue {
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: 4px;
  padding: 0 7px;
  font-weight: 600;
  font-size: var(--size-3);
}
.cue small {
  color: var(--text-soft);
}
.SHORTENED {
  border-style: dashed;
  border-color: var(--notice);
}
.MOVED {
  border-color: var(--left-foot);
}
.SILENT {
  font-style: italic;
  font-weight: 400;
  color: var(--text-soft);
}
</style>
