<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useFindable } from '@/composables/page/useFindable'
import { find } from '@/domain/find'

/** Goes anywhere by a word or two: a dance, a song, a group, a class, a figure, a page. */
const open = defineModel<boolean>({ required: true })
const MOST = 12
const router = useRouter()
const { all, problem, load } = useFindable()
const words = ref('')
const at = ref(0)
const input = ref<HTMLInputElement>()
const found = computed(() => find(all.value, words.value, MOST))
watch(words, () => (at.value = 0))
watch(
  open,
  (now) => {
    if (!now) return
    words.value = ''
    at.value = 0
    void load()
  },
  { immediate: true },
)

function onKey(event: KeyboardEvent) {
  const last = found.value.length - 1
  if (event.key === 'ArrowDown') at.value = Math.min(last, at.value + 1)
  else if (event.key === 'ArrowUp') at.value = Math.max(0, at.value - 1)
  else if (event.key === 'Enter') go(at.value)
  else return
  event.preventDefault()
}

function go(index: number) {
  const one = found.value[index]
  if (!one) return
  open.value = false
  void router.push(one.to)
}
</script>

<template>
  <el-dialog v-model="open" title="Go to" width="min(560px, 94vw)" append-to-body @opened="input?.focus()">
    <input
      ref="input"
      v-model="words"
      class="words"
      type="text"
      role="combobox"
      aria-label="A dance, a song, a group, a class, a figure or a page"
      aria-controls="find-list"
      aria-expanded="true"
      :aria-activedescendant="found.length ? `find-${at}` : undefined"
      autocomplete="off"
      spellcheck="false"
      placeholder="A dance, a song, a group, a class, a figure or a page"
      @keydown="onKey"
    />
    <p v-if="problem" class="quiet" role="alert">{{ problem }} Pages can be gone to all the same.</p>
    <ul id="find-list" role="listbox" aria-label="Found">
      <li
        v-for="(one, i) in found"
        :id="`find-${i}`"
        :key="one.to + one.title"
        role="option"
        :aria-selected="i === at"
        :class="{ at: i === at }"
        @click="go(i)"
        @mousemove="at = i"
      >
        <span>{{ one.title }}</span>
        <span class="kind">{{ one.kind }}</span>
      </li>
    </ul>
    <p class="quiet" role="status">
      {{ found.length ? 'Arrows choose, Enter goes there.' : 'Nothing is called that.' }}
    </p>
  </el-dialog>
</template>

<style scoped>
.words {
  width: 100%;
  font: inherit;
  font-size: var(--size-7);
  color: var(--text);
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: var(--radius-small);
  padding: 8px 12px;
}
ul {
  list-style: none;
  margin: var(--space-2) 0;
  padding: 0;
  min-height: 60px;
}
li {
  display: flex;
  justify-content: space-between;
  gap: var(--space-3);
  padding: 5px 10px;
  border-radius: var(--radius-small);
  cursor: pointer;
}
li.at {
  background: var(--accent-wash);
}
.kind {
  color: var(--text-soft);
  font-size: var(--size-3);
}
li.at .kind {
  color: var(--text);
}
</style>
