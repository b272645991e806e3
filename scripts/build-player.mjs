// Builds the player of files that go home: one script and one style sheet that a page takes in whole.
import { fileURLToPath } from 'node:url';
import { build } from 'vite';

const path = (name) => fileURLToPath(new URL(`../${name}`, import.meta.url));

await build({
  configFile: false,
  root: path(''),
  publicDir: false,
  logLevel: 'warn',
  define: { 'process.env.NODE_ENV': '"production"' },
  esbuild: { jsx: 'automatic', legalComments: 'none' },
  resolve: { alias: { '~core': path('core'), '~': path('app') } },
  css: {
    preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import'] } },
  },
  build: {
    outDir: path('public/player'),
    emptyOutDir: true,
    cssCodeSplit: false,
    // The font goes into the page with the rest.
    assetsInlineLimit: 1_000_000,
    target: 'es2020',
    rollupOptions: {
      input: path('player/main.tsx'),
      output: {
        format: 'iife',
        entryFileNames: 'player.js',
        assetFileNames: 'player[extname]',
      },
    },
  },
});
