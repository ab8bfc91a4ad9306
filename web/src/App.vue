<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { useEventListener } from '@vueuse/core'
import { useRoute } from 'vue-router'
import { useArrival } from '@/composables/people/useArrival'
import { useNewVersion } from '@/composables/device/useNewVersion'
import { othersWithUnsent } from '@/composables/device/own'
import { useOutbox } from '@/composables/device/useOutbox'
import { useReach } from '@/composables/device/useReach'
import { useSession } from '@/composables/people/useSession'
import { useSignOut } from '@/composables/people/useSignOut'
import { useTakeAlong } from '@/composables/device/useTakeAlong'
import { useWaiting } from '@/composables/device/useWaiting'
import { useTheme } from '@/composables/page/useTheme'

const route = useRoute()
const signOut = useSignOut()
const session = useSession()
const { theme, toggle } = useTheme()
const { keepTrying, waiting } = useOutbox()
keepTrying()
useArrival()
useTakeAlong(() => !!session.name)
const waits = useWaiting()
const { away } = useReach()
const { waiting: newer, take } = useNewVersion()
const others = computed(() => (session.me ? othersWithUnsent(true) : []))
const bare = computed(() => route.meta.bare === true || !session.name)

const FindBox = defineAsyncComponent(() => import('@/components/find-box/FindBox.vue'))
const SignOut = defineAsyncComponent(() => import('@/components/sign-out/SignOut.vue'))
const HelpDrawer = defineAsyncComponent(() => import('@/views/handbook/HelpDrawer.vue'))
const finding = ref(false)
const helping = ref(false)
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'k' || bare.value) return
  event.preventDefault()
  finding.value = true
})

const PLACES = [
  { to: '/classes', name: 'Classes' },
  { to: '/dances', name: 'Dances' },
  { to: '/songs', name: 'Songs' },
  { to: '/figures', name: 'Figures' },
  { to: '/groups', name: 'Groups' },
]
</script>

<template>
  <a class="skip" href="#main">Skip to the page</a>
  <header v-if="!bare" class="bar no-print">
    <div class="brand">
      <RouterLink to="/classes" class="name">Ulna Awl</RouterLink>
      <span v-if="session.invented" class="invented" title="Everybody and everything in this club is invented"
        >sample club</span
      >
    </div>
    <nav aria-label="Main">
      <RouterLink v-for="place in PLACES" :key="place.to" :to="place.to" class="place">{{
        place.name
      }}</RouterLink>
      <RouterLink v-if="session.may('PEOPLE')" to="/club" class="place">Club</RouterLink>
    </nav>
    <div class="me">
      <button class="quiet-button" type="button" title="Ctrl K" @click="finding = true">Go to</button>
      <button class="quiet-button" type="button" @click="helping = true">Help</button>
      <RouterLink v-if="session.isAsked && waits.count" to="/waiting" class="waits-for"
        ><b>{{ waits.count }}</b> <span class="word">waiting</span></RouterLink
      >
      <RouterLink to="/account" class="who">{{ session.name }}</RouterLink>
      <button class="quiet-button wide" type="button" @click="toggle">
        {{ theme === 'dark' ? 'Light' : 'Dark' }}
      </button>
      <button class="quiet-button wide" type="button" @click="signOut">Sign out</button>
    </div>
  </header>
  <p v-if="!bare && waiting.length" class="waiting no-print" role="status">
    <template v-for="one in waiting" :key="one.id">
      <RouterLink :to="`/classes/${one.id}/log`">{{ one.words }}</RouterLink>
      {{ one.refused ? `was not taken: ${one.refused}` : 'is kept here and sent once the network is back.' }}
    </template>
  </p>
  <p v-if="!bare && others.length" class="waiting no-print" role="status">
    {{ others.join(', ') }} {{ others.length === 1 ? 'has' : 'have' }} something unsent on this device; it
    waits here until they sign in.
  </p>
  <p v-if="!bare && newer" class="waiting no-print" role="status">
    A newer version of the program is here.
    <button type="button" class="plain-button" @click="take">Take it now</button>
  </p>
  <p v-if="away && session.name" class="away no-print" role="status">No network: as last seen.</p>
  <template v-if="!bare">
    <FindBox v-model="finding" />
    <HelpDrawer v-model="helping" />
    <SignOut />
  </template>
  <main id="main" :class="{ page: !bare }" tabindex="-1">
    <RouterView />
  </main>
</template>

<style scoped>
.away {
  position: fixed;
  left: 8px;
  bottom: 8px;
  z-index: 5;
  background: var(--notice);
  color: var(--on-notice);
  border-radius: var(--radius-small);
  padding: 2px 10px;
  font-size: var(--size-4);
}
.waiting {
  background: var(--notice-wash);
  border-bottom: 2px solid var(--notice);
  padding: var(--space-2) var(--space-5);
}
.skip {
  position: absolute;
  left: -999px;
}
.skip:focus {
  left: 8px;
  top: 8px;
  z-index: 10;
  background: var(--surface);
  padding: 8px;
}
.bar {
  background: var(--action);
  color: var(--on-action);
  display: flex;
  align-items: center;
  gap: var(--space-5);
  padding: 0 var(--space-5);
  min-height: 56px;
  /* Lines of dancers on the floor, seen from above. */
  background-image: radial-gradient(circle, rgb(253 246 234 / 10%) 2px, transparent 2.5px);
  background-size: 18px 14px;
}
.name {
  white-space: nowrap;
  font: 800 var(--size-8) var(--type-head);
  color: var(--on-action);
  text-decoration: none;
  letter-spacing: -0.02em;
}
.brand {
  display: flex;
  align-items: center;
  gap: var(--space-3);
}
.invented {
  font-size: var(--size-3);
  white-space: nowrap;
  border: 1px solid currentcolor;
  border-radius: var(--radius-small);
  padding: 0 7px;
}
nav {
  display: flex;
  gap: var(--space-1);
  align-self: stretch;
}
.place {
  color: var(--on-action);
  text-decoration: none;
  font-weight: 600;
  padding: 0 var(--space-3);
  display: grid;
  align-items: center;
  border-bottom: 4px solid transparent;
  border-top: 4px solid transparent;
}
.place.router-link-active {
  border-bottom-color: var(--notice);
}
.me {
  margin-left: auto;
  min-width: 0;
  display: flex;
  align-items: center;
  gap: var(--space-2);
}
.who {
  color: inherit;
  min-width: 64px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.waits-for {
  color: var(--on-notice);
  background: var(--notice);
  border-radius: var(--radius-small);
  padding: 2px 10px;
  text-decoration: none;
  white-space: nowrap;
}
.quiet-button {
  white-space: nowrap;
  background: none;
  border: 1px solid rgb(253 246 234 / 45%);
  border-radius: var(--radius-small);
  color: inherit;
  padding: 3px 10px;
  cursor: pointer;
  font-size: var(--size-3);
}
.page {
  max-width: 1320px;
  margin: 0 auto;
  padding: var(--space-5);
}
main:focus {
  outline: none;
}
@media (max-width: 1150px) {
  .bar {
    gap: var(--space-4);
  }
  /* Where there is no room for them, these are found under one's own name. */
  .wide {
    display: none;
  }
}
@media (max-width: 1000px) {
  .bar {
    flex-wrap: wrap;
    gap: 0 var(--space-2);
    padding: var(--space-1) var(--space-3) 0;
  }
  .brand {
    flex-direction: column;
    align-items: start;
    gap: 0;
    line-height: 1.1;
  }
  .invented {
    border: 0;
    padding: 0;
    font-size: var(--size-2);
  }
  .me {
    flex: 1;
    justify-content: end;
  }
  nav {
    order: 3;
    width: 100%;
    min-height: 44px;
    justify-content: space-between;
    gap: 0;
  }
  .place {
    padding: 0 2px;
    font-size: var(--size-3);
  }
  .waits-for .word {
    position: absolute;
    clip-path: inset(50%);
  }
  .who {
    font-size: var(--size-3);
  }
  .page {
    padding: var(--space-3);
  }
  .quiet-button {
    min-height: 36px;
  }
}
</style>
