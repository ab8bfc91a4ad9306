<script setup lang="ts">
import { useSession } from '@/composables/people/useSession'

/** What the club gives, as files that come in again here and open elsewhere. */
const session = useSession()
const TABLES = [
  ['Dances', 'with their step text', '/api/tables/DANCES'],
  ['Groups', '', '/api/tables/GROUPS'],
  ['Record', 'what happened with each dance, an entry a row', '/api/tables/RECORD'],
  ['Registers', 'names; treat them like a register', '/api/tables/REGISTER'],
  ['Classes', 'running orders, a line a row, two years each way', '/api/tables/CLASSES'],
  ['Closed days', '', '/api/tables/CLOSED_DAYS'],
  ['Songs', 'as a table', '/api/songs/export/csv'],
  ['Songs', 'as an XSPF playlist', '/api/songs/export/xspf'],
  ['Songs', 'as an M3U playlist, for players', '/api/songs/export/m3u'],
]
</script>

<template>
  <section class="card stack" aria-label="Take tables along">
    <h2>Take along</h2>
    <p>
      Tables are CSV with a line of names; any spreadsheet opens them, and what you bring back is compared.
    </p>
    <ul class="rows">
      <li v-for="[title, note, address] in TABLES" :key="address" class="row spread">
        <span
          ><b>{{ title }}</b> <span class="quiet after">{{ note }}</span></span
        >
        <a :href="address" download :aria-label="`Take along: ${title} ${note}`"
          ><el-button tag="span" size="small">Take along</el-button></a
        >
      </li>
      <li v-if="session.may('CLUB')" class="row spread">
        <span><b>Everything</b> <span class="quiet after">the whole club as one file</span></span>
        <RouterLink to="/club">Club</RouterLink>
      </li>
    </ul>
    <p class="quiet">
      Calendars of classes for phones are at <RouterLink to="/account">My account</RouterLink>.
    </p>
  </section>
</template>
