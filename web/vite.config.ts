import vue from '@vitejs/plugin-vue'
import { createHash } from 'node:crypto'
import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { brotliCompressSync, gzipSync } from 'node:zlib'
import { fileURLToPath, URL } from 'node:url'
import Components from 'unplugin-vue-components/vite'
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers'
import { build, type Plugin } from 'vite'
import { defineConfig } from 'vitest/config'
import { iconWeights } from './build/iconWeights'
import { icuMessages } from './build/icuMessages'

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

/** The packages whose code went into some parts of a build. */
function packagesOf(sources: string[]) {
  return sources.flatMap(
    (source) => /node_modules\/((?:@[^/]+\/)?[^/]+)\/(?!.*node_modules\/)/.exec(source)?.[1] ?? [],
  )
}
const shipped = new Set<string>()

/** Writes down whose code and fonts really went into the build, for scripts/notices.mjs. */
function shippedPackages(): Plugin {
  return {
    name: 'shipped-packages',
    apply: 'build',
    writeBundle(options, bundle) {
      for (const part of Object.values(bundle)) {
        const sources = part.type === 'chunk' ? part.moduleIds : part.originalFileNames
        packagesOf(sources).forEach((name) => shipped.add(name))
      }
      writeFileSync(join(options.dir!, 'packages.json'), JSON.stringify([...shipped].sort()))
    },
  }
}

type Chunks = Record<string, { file: string; imports?: string[]; dynamicImports?: string[]; css?: string[] }>
/** The screens that a student meets without a network, and the page that all screens stand on. */
const STUDENT_SCREENS = ['index.html', 'src/student/StudentScreen.vue', 'src/student/HomeScreen.vue']

/**
 * Whether what is fetched later is kept for when there is no network. All screens hang on the page that they stand on, and
 * of what that fetches only the words are wanted; a document is large, and what shows it is fetched with it.
 */
const isKept = (by: string, what: string) =>
  by === 'index.html' ? what.startsWith('virtual:messages/student/') : !what.endsWith('/PdfView.vue')

/** Builds the worker that keeps a student's screens (src/worker/sw.ts), with the list of what they are made of. */
function studentWorker(): Plugin {
  return {
    name: 'student-worker',
    apply: 'build',
    async closeBundle() {
      const dist = fileURLToPath(new URL('./dist', import.meta.url))
      const chunks = JSON.parse(readFileSync(join(dist, '.vite/manifest.json'), 'utf8')) as Chunks
      const met = new Set<string>()
      const meet = (name: string) => {
        if (met.has(name)) return
        met.add(name)
        chunks[name]!.imports?.forEach(meet)
        chunks[name]!.dynamicImports?.filter((one) => isKept(name, one)).forEach(meet)
      }
      STUDENT_SCREENS.forEach(meet)
      const files = [...met].flatMap((name) => [chunks[name]!.file, ...(chunks[name]!.css ?? [])])
      const page = readFileSync(join(dist, 'index.html'))
      const entries = [
        { url: '/index.html', revision: createHash('sha256').update(page).digest('hex') },
        ...[...new Set(files)].sort().map((file) => ({ url: `/${file}`, revision: null })),
      ]
      await build({
        configFile: false,
        logLevel: 'warn',
        plugins: [shippedPackages()],
        define: { STUDENT_FILES: JSON.stringify(entries), 'process.env.NODE_ENV': '"production"' },
        build: {
          outDir: dist,
          emptyOutDir: false,
          copyPublicDir: false,
          target: 'es2022',
          lib: {
            entry: fileURLToPath(new URL('./src/worker/sw.ts', import.meta.url)),
            formats: ['iife'],
            name: 'worker',
            fileName: () => 'sw.js',
          },
        },
      })
    },
  }
}

export default defineConfig({
  // Components are all written with setup, also the library's.
  define: { __VUE_OPTIONS_API__: 'false' },
  plugins: [
    vue(),
    Components({
      dirs: [],
      resolvers: [ElementPlusResolver({ importStyle: 'css' })],
      dts: 'components.d.ts',
    }),
    icuMessages(fileURLToPath(new URL('./src/i18n', import.meta.url))),
    iconWeights(fileURLToPath(new URL('./src', import.meta.url))),
    precompressed(),
    shippedPackages(),
    studentWorker(),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: { manifest: true, target: 'es2022', chunkSizeWarningLimit: 700 },
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
  test: {
    environment: 'happy-dom',
    // A document and the words of the screens for each file took six times as long as the tests.
    // A busy machine is slow, not wrong.
    testTimeout: 60_000,
    pool: 'threads',
    isolate: false,
    setupFiles: ['src/i18n/english.setup.ts'],
    include: ['src/**/*.test.ts', 'build/**/*.test.ts'],
    server: { deps: { inline: ['element-plus'] } },
  },
})
