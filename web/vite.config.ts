import vue from '@vitejs/plugin-vue';
import AutoImport from 'unplugin-auto-import/vite';
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers';
import Components from 'unplugin-vue-components/vite';
import { defineConfig, type Plugin } from 'vite';

/** The summary of a check stands on the pages about checks. A worker tells findings and never shows it. */
const withoutSummaries = (): Plugin => ({
  name: 'without-summaries',
  enforce: 'pre',
  transform: {
    filter: { id: /core\/src\/.*checks\/[^/]+\.ts$/ },
    handler: (code) => ({
      code: code.replace(/^( +docs: \{\n +)summary:\s+'[^'\n]*',\n/m, '$1'),
      map: null,
    }),
  },
});

export default defineConfig({
  plugins: [
    // The formatter breaks lines where there is a space: a line break between two elements is one, as in HTML.
    vue({ template: { compilerOptions: { isCustomElement: (tag) => tag === 'revo-grid', whitespace: 'preserve' } } }),
    AutoImport({ resolvers: [ElementPlusResolver({ importStyle: 'css' })], dts: 'src/auto-imports.d.ts' }),
    Components({ resolvers: [ElementPlusResolver({ importStyle: 'css' })], dirs: [], dts: 'src/components.d.ts' }),
  ],
  build: { outDir: 'dist', target: 'es2023', emptyOutDir: true, chunkSizeWarningLimit: 700, assetsInlineLimit: 0 },
  worker: { format: 'es', plugins: () => [withoutSummaries()] },
  server: { proxy: { '/api': 'http://127.0.0.1:4417' } },
});
