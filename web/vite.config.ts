import vue from '@vitejs/plugin-vue';
import AutoImport from 'unplugin-auto-import/vite';
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers';
import Components from 'unplugin-vue-components/vite';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [
    // The formatter breaks lines where there is a space: a line break between two elements is one, as in HTML.
    vue({ template: { compilerOptions: { isCustomElement: (tag) => tag === 'revo-grid', whitespace: 'preserve' } } }),
    AutoImport({ resolvers: [ElementPlusResolver({ importStyle: 'css' })], dts: 'src/auto-imports.d.ts' }),
    Components({ resolvers: [ElementPlusResolver({ importStyle: 'css' })], dirs: [], dts: 'src/components.d.ts' }),
  ],
  build: { outDir: 'dist', target: 'es2023', emptyOutDir: true, chunkSizeWarningLimit: 700, assetsInlineLimit: 0 },
  worker: { format: 'es' },
  server: { proxy: { '/api': 'http://127.0.0.1:4417' } },
});
