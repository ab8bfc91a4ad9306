<script setup lang="ts">
import { computed } from 'vue'
import QrPicture from '@/components/qr-picture/QrPicture.vue'
import type { CueScreen } from '@/composables/together/useCueScreen'

/** A second screen for the dancers: a tablet on a stand, a projector. */
const props = defineProps<{ cue: CueScreen }>()
const { code, problem } = props.cue
const address = computed(() => `${location.origin}/screen/${code.value}`)
</script>

<template>
  <section>
    <h2>Second screen</h2>
    <p class="quiet">
      For the dancers: feet, count and the next figure. It needs no account, and shows this dance and nothing
      else.
    </p>
    <template v-if="code">
      <p class="open">
        <QrPicture :address />
        <span>
          <b class="code">{{ code }}</b>
          <a :href="address" target="_blank" rel="noopener">{{ address }}</a>
          <span class="quiet">or open /screen and type the code</span>
        </span>
      </p>
      <button type="button" class="plain-button" @click="cue.close()">Close the screen</button>
    </template>
    <el-button v-else @click="cue.open()">Open a second screen</el-button>
    <p v-if="problem" role="status" class="quiet">{{ problem }}</p>
  </section>
</template>

<style scoped>
.open {
  display: flex;
  gap: var(--space-4);
  align-items: center;
  margin: var(--space-2) 0;
}
.open > span {
  display: grid;
  gap: 4px;
  overflow-wrap: anywhere;
}
.code {
  font: 700 var(--size-9) var(--type-mono);
}
</style>
