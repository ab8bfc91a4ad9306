<script setup lang="ts">
import { computed } from 'vue'
import PageHead from '@/components/page-head/PageHead.vue'
import { useSession } from '@/composables/people/useSession'
import DropPlace from './DropPlace.vue'
import { draftKey } from '@/composables/device/own'
import { usePile } from '@/composables/sheets/usePile'

/** A new dance begins in one of three ways. */
const session = useSession()
const { sheets } = usePile()
const waiting = computed(() => sheets.value.filter((one) => one.state === 'open').length)
const unfinished = localStorage.getItem(draftKey('dance-new')) !== null
</script>

<template>
  <div class="stack">
    <PageHead title="A new dance" back="Dances" back-to="/dances" />
    <p v-if="waiting" class="card row">
      {{ waiting === 1 ? 'A sheet is' : `${waiting} sheets are` }} waiting to be looked at.
      <RouterLink to="/dances/read">Go on with {{ waiting === 1 ? 'it' : 'them' }}</RouterLink>
    </p>
    <p v-if="unfinished" class="card row">
      A dance that you began to write is kept on this machine.
      <RouterLink to="/dances/new/write">Go on writing</RouterLink>
    </p>
    <div class="ways">
      <section class="card stack sheet">
        <h2>From a sheet</h2>
        <p class="quiet">
          It is read as instructors word it. What is not sure is asked; the sheet stays beside the dance.
        </p>
        <DropPlace v-if="session.may('CHANGE_DANCES')" large />
        <p v-else class="quiet">An instructor can read sheets in.</p>
      </section>
      <div class="stack">
        <section class="card stack">
          <h2>Build it</h2>
          <p class="quiet">
            Choose from the figures that are possible; drag them, take them out. The feet follow.
          </p>
          <RouterLink to="/dances/new/build"><el-button tag="span">Build</el-button></RouterLink>
        </section>
        <section class="card stack">
          <h2>Write it</h2>
          <p class="quiet">Step text, checked while you type: <code>1-4&nbsp;&nbsp;vine R, touch L</code></p>
          <RouterLink to="/dances/new/write"><el-button tag="span">Write</el-button></RouterLink>
        </section>
      </div>
    </div>
  </div>
</template>

<style scoped>
.ways {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr);
  gap: var(--space-4);
  align-items: start;
}
code {
  font-family: var(--type-mono);
}
@media (max-width: 1000px) {
  .ways {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
