<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import MoveKeys from '@/components/move-keys/MoveKeys.vue'
import { propose } from '@/composables/together/usePropose'
import { useDo } from '@/composables/page/useDo'
import { KIND_WORDS } from '@/domain/labels'
import { same } from '@/domain/merge'
import AddLine from './AddLine.vue'
import { orderOf, type Line } from './order'

/** Another running order for a class that somebody else leads: written here, proposed to an instructor. */
const props = defineProps<{ sheet: Schemas['ClassSheet']; dances: Schemas['DanceName'][] }>()
const emit = defineEmits<{ done: [] }>()
const { busy, run } = useDo()
/** The order that it was begun from; a colleague may change it meanwhile, and both are put together then. */
const begun = { version: props.sheet.version, order: orderOf(props.sheet) }
const lines = ref<Line[]>(orderOf(props.sheet).lines)
const adding = ref(false)
const planned = computed(() => lines.value.reduce((sum, line) => sum + line.minutes, 0))
const changed = computed(() => !same(lines.value, begun.order.lines))
const title = (line: Line) => props.dances.find((one) => one.id === line.dance)?.title ?? line.title

function move(at: number, by: number) {
  const next = [...lines.value]
  const [line] = next.splice(at, 1)
  next.splice(at + by, 0, line)
  lines.value = next
}
function add(line: Line) {
  lines.value = [...lines.value, line]
  adding.value = false
}
async function send() {
  const order = { minutes: begun.order.minutes, lines: lines.value }
  const content = JSON.stringify({ ...order, version: begun.version })
  await run(async () => {
    const sent = await propose('CLASS', props.sheet.id, begun.version, JSON.stringify(begun.order), content)
    if (sent) emit('done')
  })
}
</script>

<template>
  <section class="card stack no-print" aria-label="Another order">
    <h2>How you would do it</h2>
    <ol class="rows">
      <li v-for="(line, i) in lines" :key="line.id ?? `new ${i}`" class="line">
        <span class="quiet">{{ KIND_WORDS[line.kind] }}</span>
        <b>{{ title(line) }}</b>
        <el-input-number
          v-model="line.minutes"
          :min="1"
          :max="240"
          size="small"
          style="width: 104px"
          :aria-label="`Minutes of ${title(line)}`"
        />
        <MoveKeys
          :up="`Move ${title(line)} up`"
          :down="`Move ${title(line)} down`"
          :out="`Take ${title(line)} out`"
          :at="i"
          :of="lines.length"
          @move="move(i, $event)"
          @drop="lines.splice(i, 1)"
        />
      </li>
    </ol>
    <p role="status">
      {{ planned }} of {{ begun.order.minutes }} minutes<b v-if="planned > begun.order.minutes" class="over"
        >: {{ planned - begun.order.minutes }} too many</b
      >
    </p>
    <AddLine v-if="adding" :dances :minutes="5" @add="add" @cancel="adding = false" />
    <div class="row">
      <el-button v-if="!adding" @click="adding = true">Add a line</el-button>
      <el-button type="primary" :disabled="!changed || !lines.length" :loading="busy" @click="send"
        >Propose this order</el-button
      >
      <el-button text @click="emit('done')">Leave it</el-button>
    </div>
  </section>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 100px minmax(0, 1fr) max-content max-content;
  gap: var(--space-2);
  align-items: center;
}
.over {
  color: var(--wrong);
}
@media (max-width: 700px) {
  .line {
    grid-template-columns: minmax(0, 1fr) max-content;
  }
}
</style>
