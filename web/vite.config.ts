import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import Components from 'unplugin-vue-components/vite'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [
    vue(),
    Components({ resolvers: [ElementPlusResolver()], dirs: [], dts: 'components.d.ts' }),
    // Whoever has been in the bay can open it again where no server answers; every other page is the server's.
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: false,
      manifest: { name: 'Road Breeze', short_name: 'Road Breeze', start_url: '/', theme_color: '#1d2022' },
      workbox: {
        globPatterns: ['index.html', 'assets/*.{js,css,woff2}'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        directoryIndex: '',
        navigateFallback: '/index.html',
        navigateFallbackAllowlist: [/^\/bay\//],
      },
    }),
  ],
  resolve: {
    alias: {
      '@': fileURLToPath(new URL('./src', import.meta.url)),
      '@words': fileURLToPath(new URL('../words', import.meta.url)),
    },
  },
  // A busy machine must not fail a test that is right: speed is shown by the benchmark.
  test: { testTimeout: 60_000 },
  build: { manifest: true, outDir: 'target/classes/static', emptyOutDir: true, chunkSizeWarningLimit: 700 },
  server: { fs: { allow: ['..'] }, proxy: { '/api': 'http://127.0.0.1:8080', '/actuator': 'http://127.0.0.1:8080' } },
})
