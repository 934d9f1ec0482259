// what the script loads when a page needs it: each kind of nod, the form, and what the owner looks with
import { defineConfig } from 'vite';

export default defineConfig({
  publicDir: false,
  build: {
    outDir: 'dist',
    emptyOutDir: false,
    target: 'es2022',
    lib: {
      entry: {
        'review-wall': 'nods/review-wall/module.ts',
        'review-tab': 'nods/review-tab/module.ts',
        'picked-quotes': 'nods/picked-quotes/module.ts',
        label: 'nods/label/module.ts',
        'trust-badges': 'nods/trust-badges/module.ts',
        'stock-line': 'nods/stock-line/module.ts',
        'recent-orders': 'nods/recent-orders/module.ts',
        'delivery-promise': 'nods/delivery-promise/module.ts',
        'visitor-count': 'nods/visitor-count/module.ts',
        countdown: 'nods/countdown/module.ts',
        'review-form': 'nods/review-form/module.ts',
        'take-back': 'nods/review-form/take-back.ts',
        preview: 'script/preview.ts',
      },
      formats: ['es'],
    },
    rollupOptions: {
      output: {
        // of ES modules Vite keeps the spaces otherwise, for libraries that others build in
        minify: true,
        entryFileNames: 'nodyes/[name].js',
        chunkFileNames: 'nodyes/part-[hash].js',
        // what all kinds draw with is one file, so that a page asks for it once
        manualChunks: (id) => (/nods\/draw\/.*ts$|script\/lib\//.test(id) ? 'shared' : undefined),
      },
    },
  },
});
