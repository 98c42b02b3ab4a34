import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

/** The imaging engine shares memory between threads, which browsers allow on isolated pages alone. */
const isolation = {
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Embedder-Policy': 'require-corp',
};

export default defineConfig({
  plugins: [react()],
  // The imaging engine's glue evaluates text on purpose; its own response is allowed to (see apps/desk).
  worker: { format: 'es', rolldownOptions: { checks: { eval: false } } },
  // The desk puts a fresh value in this place with every page it serves.
  html: { cspNonce: '__CSP_NONCE__' },
  build: {
    rolldownOptions: { checks: { eval: false } },
    target: 'es2022',
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
  },
  server: { headers: isolation },
  optimizeDeps: { exclude: ['wasm-vips'] },
});
