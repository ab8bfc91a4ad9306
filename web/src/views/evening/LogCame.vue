<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import type { Log } from '@/domain/log'

/** Who came: heads or names, as the group keeps them; nothing where it keeps nothing. */
const props = defineProps<{ register: Schemas['RegisterView'] }>()
const log = defineModel<Log>({ required: true })
/** Without a network only those are known who stand in the log already. */
const dancers = computed(() =>
  props.register.dancers.length ? props.register.dancers : (log.value.dancers ?? []),
)

function mark(there: number[]) {
  log.value.there = there
  log.value.dancers = dancers.value
}

function toggle(dancer: number) {
  const there = log.value.there ?? []
  mark(there.includes(dancer) ? there.filter((one) => one !== dancer) : [...there, dancer])
}
const all = () => mark(dancers.value.filter((one) => one.regular).map((one) => one.id))
</script>

<template>
  <section v-if="register.kind === 'HEADS'" class="card row spread">
    <h2>How many came?</h2>
    <el-input-number v-model="log.heads" :min="0" :max="500" size="large" aria-label="How many came" />
  </section>
  <section v-else-if="register.kind === 'NAMES'" class="card stack">
    <div class="row spread">
      <h2>
        Who came?
        <span class="quiet number">{{ log.there?.length ?? 0 }} of {{ dancers.length }}</span>
      </h2>
      <el-button size="small" @click="all">All the regulars</el-button>
    </div>
    <p v-if="!dancers.length" class="quiet">
      Names of dancers are not kept on a device. Mark who came once the network is back; the rest can be
      written now.
    </p>
    <div v-else class="names">
      <button
        v-for="one in dancers"
        :key="one.id"
        type="button"
        :aria-pressed="log.there?.includes(one.id) ?? false"
        :class="{ on: log.there?.includes(one.id) }"
        @click="toggle(one.id)"
      >
        {{ one.name }}
      </button>
    </div>
  </section>
</template>

<style scoped>
.names {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.names button {
  min-height: 44px;
  padding: 0 12px;
  border: 2px solid var(--line);
  border-radius: 22px;
  background: var(--surface);
  cursor: pointer;
}
.names .on {
  background: var(--left-foot-wash);
  border-color: var(--left-foot);
  font-weight: 700;
}
</style>
