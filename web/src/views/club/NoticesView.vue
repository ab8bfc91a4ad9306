<script setup lang="ts">
import PageHead from '@/components/page-head/PageHead.vue'
import notices from '@/notices.json'

/** What others wrote that this program is made of, and under which licences. */
const PARTS = [
  { title: 'On the server', list: notices.server },
  { title: 'In the pages', list: notices.pages },
]
</script>

<template>
  <div class="stack">
    <PageHead title="What this is made of" back="Club" back-to="/club">
      <p class="quiet">
        Libraries by others that ship with Ulna Awl; each name is theirs, and so is the licence. Their full
        texts lie in the packages.
      </p>
    </PageHead>
    <section v-for="part in PARTS" :key="part.title" class="card">
      <h2>{{ part.title }}</h2>
      <table>
        <thead>
          <tr>
            <th scope="col">Library</th>
            <th scope="col">Version</th>
            <th scope="col">Licence</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in part.list" :key="one.name">
            <td>{{ one.name }}</td>
            <td>{{ one.version }}</td>
            <td>{{ one.licence }}</td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  padding: 3px var(--space-3) 3px 0;
  border-bottom: 1px solid var(--line);
  overflow-wrap: anywhere;
}
</style>
