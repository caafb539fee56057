import node from '@astrojs/node';
import react from '@astrojs/react';
import tailwindcss from '@tailwindcss/vite';
import AstroPWA from '@vite-pwa/astro';
import { defineConfig, passthroughImageService } from 'astro/config';

// What is asked of a document is checked on the server: a schema that nothing in the browser reads is left out there.
const treeshake = { manualPureFunctions: ['Type', 'fieldsFor'], propertyReadSideEffects: false } as const;

export default defineConfig({
  output: 'server',
  adapter: node({ mode: 'middleware' }),
  integrations: [
    react({ experimentalDisableStreaming: true }),
    {
      name: 'touched',
      hooks: {
        'astro:config:setup': ({ addClientDirective }) =>
          addClientDirective({ name: 'touched', entrypoint: './src/ui/touched/directive.ts' }),
      },
    },
    // A seat's own page, and nothing else, is kept by the phone that has opened it: reloaded without a network it is there.
    AstroPWA({
      strategies: 'generateSW',
      filename: 'seat-worker.js',
      scope: '/s/',
      injectRegister: null,
      manifest: false,
      registerType: 'autoUpdate',
      workbox: {
        globPatterns: [],
        navigateFallback: null,
        inlineWorkboxRuntime: true,
        clientsClaim: true,
        skipWaiting: true,
        runtimeCaching: [
          {
            urlPattern: ({ url }) => url.pathname.startsWith('/s/'),
            handler: 'NetworkFirst',
            options: { cacheName: 'seat', networkTimeoutSeconds: 4 },
          },
          {
            urlPattern: ({ url }) => url.pathname.startsWith('/_astro/') || url.pathname === '/favicon.svg',
            handler: 'CacheFirst',
            options: { cacheName: 'seat-files' },
          },
        ],
      },
    }),
  ],
  image: { service: passthroughImageService() },
  devToolbar: { enabled: false },
  // The endpoints check the origin themselves and answer with problem details.
  security: { checkOrigin: false },
  // Every inline script and style that a page holds is listed by its hash; the middleware adds the other directives.
  experimental: { csp: true },
  vite: {
    plugins: [tailwindcss()],
    build: {
      assetsInlineLimit: 0,
      // A file of a few lines costs more to ask for than to bring along.
      rollupOptions: { treeshake, output: { experimentalMinChunkSize: 6_000 } },
    },
    worker: { format: 'es', rollupOptions: { treeshake } },
    optimizeDeps: { include: ['highs', 'comlink'] },
  },
});
