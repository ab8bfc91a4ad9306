<script setup lang="ts">
import { computed } from 'vue'
import { useDo } from '@/composables/page/useDo'
import { useLeaving } from '@/composables/people/useSignOut'

/** Somebody signs out who has something here that nobody else has seen: what is to become of it. */
const { asking, unsent, stay, send, keep, drop } = useLeaving()
const { busy, run } = useDo()
const waits = computed(() => unsent.value.some((one) => one.waits))
</script>

<template>
  <el-dialog
    :model-value="asking"
    title="Something here is not sent yet"
    width="min(520px, 94vw)"
    @close="stay"
  >
    <div class="stack">
      <ul>
        <li v-for="(one, i) in unsent" :key="i">
          {{ one.words }} <span class="quiet">{{ one.waits ? 'waits to be sent' : 'is not saved yet' }}</span>
        </li>
      </ul>
      <p>Whoever signs in here next can neither read nor send it.</p>
    </div>
    <template #footer>
      <span class="row end">
        <el-button :loading="busy" @click="run(drop)">Drop it</el-button>
        <el-button v-if="waits" :loading="busy" @click="run(send)">Send it now</el-button>
        <el-button type="primary" :loading="busy" @click="run(keep)">Keep it for me</el-button>
      </span>
    </template>
  </el-dialog>
</template>

<style scoped>
.end {
  justify-content: end;
}
</style>
