<script setup lang="ts">
import { computed } from 'vue'
import { CLOCK_VIEWS, type ClockView } from '@/domain/clock-view'

/** The one switch for facings, with what it means in words. */
const view = defineModel<ClockView>({ required: true })
const props = withDefaults(defineProps<{ small?: boolean; inHall?: boolean }>(), {
  small: false,
  inHall: false,
})
const views = computed(() => CLOCK_VIEWS.filter((one) => !props.inHall || one.value !== 'wall'))
const says = computed(() => CLOCK_VIEWS.find((one) => one.value === view.value)?.says)
</script>

<template>
  <div class="clock">
    <el-radio-group v-model="view" :size="small ? 'small' : 'default'" aria-label="Facings">
      <el-radio-button v-for="one in views" :key="one.value" :label="one.label" :value="one.value" />
    </el-radio-group>
    <span class="quiet">{{ says }}</span>
  </div>
</template>

<style scoped>
.clock {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px var(--space-3);
}
.quiet {
  max-width: 52ch;
  line-height: 1.3;
}
</style>
