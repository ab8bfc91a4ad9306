import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import components from 'unplugin-vue-components/vite'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'
import { handbook } from './build/handbook'

export default defineConfig({
  plugins: [
    handbook(),
    vue(),
    VitePWA({
      strategies: 'injectManifest',
      srcDir: 'src',
      filename: 'sw.ts',
      injectRegister: false,
      manifestFilename: 'manifest.json',
      injectManifest: {
        globPatterns: ['**/*.{js,mjs,css,html,svg,woff2}'],
        maximumFileSizeToCacheInBytes: 4_000_000,
      },
      manifest: {
        name: 'Ulna Awl',
        short_name: 'Ulna Awl',
        description: 'Line dance classes: planned, taught, run through, remembered.',
        start_url: '/classes',
        display: 'standalone',
        background_color: '#f6f0e4',
        theme_color: '#4a2140',
        icons: [
          { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
        ],
      },
    }),
    components({
      resolvers: [ElementPlusResolver({ importStyle: 'css' })],
      dirs: [],
      dts: 'src/components.d.ts',
    }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: { target: 'es2022', chunkSizeWarningLimit: 700 },
  // The handbook lies beside the app, with the other documents.
  server: { fs: { allow: ['..'] }, proxy: { '/api': 'http://localhost:8080' } },
})
