import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'

const server = process.env.GASKET_SERVER ?? 'http://127.0.0.1:8080'

export default defineConfig({
  plugins: [vue(), tailwindcss()],
  server: { proxy: { '/api': server } },
  // The content policy allows no inlined data, so every asset stays a file.
  build: { assetsInlineLimit: 0 },
})
