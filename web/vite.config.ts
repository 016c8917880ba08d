import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vite'

const server = process.env.GASKET_SERVER ?? 'http://127.0.0.1:8080'

export default defineConfig({
  plugins: [vue(), tailwindcss()],
  resolve: {
    alias: { '#device': fileURLToPath(new URL('../device/target/browser/device.js', import.meta.url)) },
  },
  worker: { format: 'es' },
  server: { proxy: { '/api': server }, fs: { allow: ['..'] } },
  // The content policy allows no inlined data, so every asset stays a file.
  build: { assetsInlineLimit: 0 },
})
