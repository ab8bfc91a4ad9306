<script setup lang="ts">
import { computed } from 'vue'
import FootSign from '@/components/foot-sign/FootSign.vue'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import { useFigures } from '@/composables/page/useFigures'

/** Explains a figure. */
const name = defineModel<string>({ required: true })
const { find } = useFigures()
const figure = computed(() => find(name.value))
const open = computed({
  get: () => name.value !== '',
  set: (is) => {
    if (!is) name.value = ''
  },
})
</script>

<template>
  <el-drawer v-model="open" size="min(430px, 92vw)">
    <template #header>
      <h2>{{ figure?.call ?? name }}</h2>
    </template>
    <div v-if="figure" class="stack">
      <p class="say">{{ figure.say }}</p>
      <LevelMark :level="figure.level" />
      <section>
        <h3>Steps, with a right lead</h3>
        <ol>
          <li v-for="(step, i) in figure.steps" :key="i">
            <FootSign v-if="step.foot" :foot="step.foot" :weight="step.takesWeight" :size="20" />
            {{ step.action }}
          </li>
        </ol>
        <p class="quiet">Counted {{ figure.rhythms.join(', or ') }}; mirrored with a left lead.</p>
      </section>
      <section v-if="figure.easier">
        <h3>The usual easier way</h3>
        <p>{{ figure.easier }}</p>
      </section>
      <section v-if="figure.care" class="care">
        <h3>Take care</h3>
        <p>{{ figure.care }}</p>
      </section>
      <p v-if="figure.names.length > 1" class="quiet">Also understood: {{ figure.names.join(', ') }}</p>
      <p class="quiet">{{ figure.family }}</p>
    </div>
    <p v-else>The figure book does not know this one.</p>
  </el-drawer>
</template>

<style scoped>
.say {
  font-size: var(--size-7);
}
ol {
  padding-left: 1.4em;
}
li::marker {
  font-weight: 700;
}
li {
  margin-bottom: 4px;
}
li > .foot {
  display: inline-block;
  vertical-align: -5px;
  margin-right: 4px;
}
h2 {
  font-size: var(--size-9);
  color: var(--text);
}
.care {
  background: var(--notice-wash);
  border-radius: var(--radius-small);
  padding: var(--space-2) var(--space-3);
}
</style>
