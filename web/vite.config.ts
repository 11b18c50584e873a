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

/** Writes down whose code and fonts really went into the build, for scripts/notices.mjs. */
function shippedPackages(): Plugin {
  return {
    name: 'shipped-packages',
    apply: 'build',
    writeBundle(options, bundle) {
      const names = new Set<string>()
      for (const part of Object.values(bundle)) {
        const sources = part.type === 'chunk' ? part.moduleIds : part.originalFileNames
        for (const source of sources) {
          const found = /node_modules\/((?:@[^/]+\/)?[^/]+)\/(?!.*node_modules\/)/.exec(source)
          if (found) names.add(found[1]!)
        }
      }
      writeFileSync(join(options.dir!, 'packages.json'), JSON.stringify([...names].sort()))
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
    shippedPackages(),
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
