import vue from '@vitejs/plugin-vue';
import AutoImport from 'unplugin-auto-import/vite';
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers';
import Components from 'unplugin-vue-components/vite';
import { defineConfig } from 'vite';

/** In unit tests components come without their styles. */
const importStyle = process.env['VITEST'] ? false : 'css';

export default defineConfig({
  plugins: [
    vue({ template: { compilerOptions: { isCustomElement: (tag) => tag === 'revo-grid' } } }),
    AutoImport({ resolvers: [ElementPlusResolver({ importStyle })], dts: 'src/auto-imports.d.ts' }),
    Components({ resolvers: [ElementPlusResolver({ importStyle })], dirs: [], dts: 'src/components.d.ts' }),
  ],
  build: { outDir: 'dist', target: 'es2023', emptyOutDir: true, chunkSizeWarningLimit: 700, assetsInlineLimit: 0 },
  worker: { format: 'es' },
  server: { proxy: { '/api': 'http://127.0.0.1:4417' } },
});
