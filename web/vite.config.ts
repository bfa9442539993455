import react from '@vitejs/plugin-react'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [
    react(),
    VitePWA({
      // 'prompt' without asking: a new version waits until every tab is closed, so never in a lesson
      registerType: 'prompt',
      includeAssets: ['mark.svg', 'mode.js', 'skeleton.css'],
      manifest: {
        name: 'Strophos',
        short_name: 'Strophos',
        description: 'What really changed, lesson by lesson',
        start_url: '/',
        display: 'standalone',
        background_color: '#e8ece7',
        theme_color: '#12262c',
        icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/actuator\//],
        cleanupOutdatedCaches: true,
      },
    }),
  ],
  build: {
    sourcemap: false,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [{ name: 'react', test: /node_modules\/(react|react-dom|scheduler)\// }],
        },
      },
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8300' } },
  test: {
    environment: 'jsdom',
    setupFiles: ['./src/test-setup.ts'],
    include: ['src/**/*.test.{ts,tsx}'],
    // one worker for all files: starting one for each took longer than their tests, and failed on a busy machine
    isolate: false,
    maxWorkers: 1,
    // time limits stand in the benchmark; this one only ends what hangs
    testTimeout: 60_000,
  },
})
