import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { readdir, readFile, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { promisify } from 'node:util'
import { brotliCompress, constants } from 'node:zlib'
import { defineConfig, type Plugin } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

const server = process.env.GASKET_SERVER ?? 'http://127.0.0.1:8080'

/**
 * The service worker: the application itself, and what the server has said, for where it does not answer. Calls, rounds and what the
 * device holds are not among it: what has been done to them here counts (`src/store`).
 */
const offline = VitePWA({
  registerType: 'prompt',
  manifestFilename: 'manifest.json',
  manifest: {
    name: 'Grimy Gasket',
    short_name: 'Gasket',
    description: 'From the complaint to the proved cure, with or without signal.',
    start_url: '/round',
    display: 'standalone',
    background_color: '#efece3',
    theme_color: '#2b2f30',
    icons: [
      { src: '/gasket.svg', sizes: 'any', type: 'image/svg+xml' },
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  },
  workbox: {
    globPatterns: ['**/*.{js,wasm,css,html,svg,woff2}'],
    maximumFileSizeToCacheInBytes: 4_000_000,
    // Wanted only where the browser does not know the WebAssembly, or once somebody scans or reads a plate.
    globIgnores: [
      'assets/device-*.js',
      'assets/zxing_reader-*.wasm',
      'assets/ponyfill-*.js',
      'assets/tesseract*.js',
      'assets/worker.min-*.js',
    ],
    clientsClaim: true,
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//, /^\/v3\//],
    runtimeCaching: [
      {
        urlPattern: /\/assets\/device-[^/]+\.js$/,
        handler: 'CacheFirst',
        options: { cacheName: 'core', expiration: { maxEntries: 2 }, cacheableResponse: { statuses: [200] } },
      },
      {
        // What reads plates: with signal the first time, without from then on.
        urlPattern: /\/assets\/(tesseract|worker\.min|eng\.traineddata)/,
        handler: 'CacheFirst',
        options: {
          cacheName: 'reader',
          expiration: { maxEntries: 4 },
          cacheableResponse: { statuses: [200] },
        },
      },
      {
        urlPattern: /\/api\/calls\/[^/]+\/photos\//,
        handler: 'CacheFirst',
        options: {
          cacheName: 'answers',
          expiration: { maxEntries: 400 },
          cacheableResponse: { statuses: [200] },
        },
      },
      {
        urlPattern:
          /\/api\/(?!calls\/|round|device\/|feed|meters\/|customers|alike-customers|due|board|first-day|rounds|machines\/[^/]+\/|colleagues)/,
        handler: 'NetworkFirst',
        options: {
          cacheName: 'answers',
          networkTimeoutSeconds: 10,
          cacheableResponse: { statuses: [200] },
        },
      },
    ],
  },
})

const QUICK = 5

/** Beside every text a compressed one, which the server sends as it is: made once and well, and not at every request. */
const compressed: Plugin = {
  name: 'compressed',
  apply: 'build',
  closeBundle: {
    order: 'post',
    sequential: true,
    async handler() {
      const folder = fileURLToPath(new URL('dist', import.meta.url))
      const files = await readdir(folder, { recursive: true })
      for (const file of files.filter((name) => /\.(js|wasm|css|html|svg|json)$/.test(name))) {
        const text = await readFile(join(folder, file))
        const params = {
          [constants.BROTLI_PARAM_MODE]: file.endsWith('.wasm')
            ? constants.BROTLI_MODE_GENERIC
            : constants.BROTLI_MODE_TEXT,
          [constants.BROTLI_PARAM_SIZE_HINT]: text.length,
          // Fetched once by whoever reads a plate: not worth seconds of every build.
          [constants.BROTLI_PARAM_QUALITY]: file.includes('tesseract-core')
            ? QUICK
            : constants.BROTLI_MAX_QUALITY,
        }
        await writeFile(join(folder, `${file}.br`), await promisify(brotliCompress)(text, { params }))
      }
    },
  },
}

export default defineConfig({
  plugins: [vue(), tailwindcss(), offline, compressed],
  resolve: {
    alias: [
      {
        find: /^#device/,
        replacement: fileURLToPath(new URL('../device/target/browser/device', import.meta.url)),
      },
    ],
  },
  worker: { format: 'es' },
  server: { proxy: { '/api': server }, fs: { allow: ['..'] } },
  // The content policy allows no inlined data, so every asset stays a file.
  build: { assetsInlineLimit: 0 },
})
