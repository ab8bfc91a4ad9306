import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import components from 'unplugin-vue-components/vite'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import { defineConfig } from 'vitest/config'
import { handbook } from './build/handbook'

const nothing = fileURLToPath(new URL('./test/nothing.ts', import.meta.url))

export default defineConfig({
  plugins: [
    handbook(),
    vue(),
    components({ resolvers: [ElementPlusResolver({ importStyle: false })], dirs: [], dts: false }),
  ],
  resolve: {
    alias: [
      { find: '@', replacement: fileURLToPath(new URL('./src', import.meta.url)) },
      // The component library comes in one piece, not in a thousand for each file of tests, and undrawn.
      { find: /^element-plus\/(theme-chalk|es\/components\/.*\/style).*$/, replacement: nothing },
      { find: /^element-plus(\/es.*)?$/, replacement: 'element-plus/dist/index.full.mjs' },
    ],
  },
  test: {
    environment: 'happy-dom',
    // A slow or busy machine is not a mistake: time in the tests is their own, and only what hangs ends by this.
    testTimeout: 300_000,
    hookTimeout: 300_000,
    environmentOptions: { happyDOM: { url: 'http://club.test/' } },
    include: ['test/**/*.test.ts'],
    setupFiles: ['test/setup.ts'],
    // Threads begin in half the time that processes take.
    pool: 'threads',
    maxWorkers: 2,
    restoreMocks: true,
  },
})
