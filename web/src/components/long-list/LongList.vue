<script setup lang="ts" generic="T extends { id: number }">
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { computed, ref, watch } from 'vue'

/** A list of any length in the page's own scroll: only the rows that can be seen are drawn. */
const props = defineProps<{ rows: T[]; rowHeight: number }>()
defineSlots<{ default: (slot: { row: T }) => unknown }>()
const emit = defineEmits<{ end: [] }>()
const OVERSCAN = 14
const list = ref<HTMLElement>()

const shown = useWindowVirtualizer(
  computed(() => ({
    count: props.rows.length,
    estimateSize: () => props.rowHeight,
    overscan: OVERSCAN,
    scrollMargin: list.value?.offsetTop ?? 0,
    getItemKey: (index: number) => props.rows[index].id,
  })),
)
/** The last rows that there are come into sight: whoever has more is told. */
watch(
  () => (shown.value.getVirtualItems().at(-1)?.index ?? -1) >= props.rows.length - 1 && props.rows.length,
  (length) => length && emit('end'),
)
const measure = (element: unknown) => {
  if (element instanceof HTMLElement) shown.value.measureElement(element)
}
</script>

<template>
  <ul ref="list" class="list" :style="{ height: `${shown.getTotalSize()}px` }">
    <li
      v-for="item in shown.getVirtualItems()"
      :key="item.index"
      :ref="measure"
      :data-index="item.index"
      :aria-setsize="rows.length"
      :aria-posinset="item.index + 1"
      :style="{ transform: `translateY(${item.start - (list?.offsetTop ?? 0)}px)` }"
    >
      <slot :row="rows[item.index]" />
    </li>
  </ul>
</template>

<style scoped>
.list {
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--line);
  position: relative;
}
li {
  position: absolute;
  top: 0;
  left: 0;
  width: 100%;
}
</style>
