import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import components from 'unplugin-vue-components/vite'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import { defineConfig } from 'vitest/config'
import { handbook } from './build/handbook'

export default defineConfig({
  plugins: [
    handbook(),
    vue(),
    components({ resolvers: [ElementPlusResolver({ importStyle: false })], dirs: [], dts: false }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    environment: 'happy-dom',
    // A slow or busy machine is not a mistake.
    testTimeout: 20_000,
    environmentOptions: { happyDOM: { url: 'http://club.test/' } },
    include: ['test/**/*.test.ts'],
    setupFiles: ['test/setup.ts'],
    maxWorkers: 2,
    restoreMocks: true,
    server: { deps: { inline: ['element-plus'] } },
  },
})
