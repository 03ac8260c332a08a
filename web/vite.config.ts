import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import Components from 'unplugin-vue-components/vite'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [vue(), Components({ resolvers: [ElementPlusResolver()], dirs: [], dts: 'components.d.ts' })],
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
