import vue from '@vitejs/plugin-vue'
import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { brotliCompressSync, gzipSync } from 'node:zlib'
import { fileURLToPath, URL } from 'node:url'
import Components from 'unplugin-vue-components/vite'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import type { Plugin } from 'vite'
import { defineConfig } from 'vitest/config'

/** Lays a .br and a .gz beside each file that gains by it, so that the server need not compress while it serves. */
function precompressed(): Plugin {
  return {
    name: 'precompressed',
    apply: 'build',
    // After writing: before, other plugins may still change what stands in the files.
    writeBundle(options, bundle) {
      for (const name of Object.keys(bundle)) {
        if (!/\.(js|css)$/.test(name)) continue
        const file = join(options.dir!, name)
        const source = readFileSync(file)
        writeFileSync(`${file}.br`, brotliCompressSync(source))
        writeFileSync(`${file}.gz`, gzipSync(source, { level: 9 }))
      }
    },
  }
}

export default defineConfig({
  plugins: [
    vue(),
    Components({
      dirs: [],
      resolvers: [ElementPlusResolver({ importStyle: 'css' })],
      dts: 'components.d.ts',
    }),
    precompressed(),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: { manifest: true, target: 'es2022', chunkSizeWarningLimit: 700 },
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
  test: {
    environment: 'happy-dom',
    include: ['src/**/*.test.ts'],
    server: { deps: { inline: ['element-plus'] } },
  },
})
