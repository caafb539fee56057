import node from '@astrojs/node';
import react from '@astrojs/react';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig, passthroughImageService } from 'astro/config';

export default defineConfig({
  output: 'server',
  adapter: node({ mode: 'middleware' }),
  integrations: [react({ experimentalDisableStreaming: true })],
  image: { service: passthroughImageService() },
  devToolbar: { enabled: false },
  // The endpoints check the origin themselves and answer with problem details.
  security: { checkOrigin: false },
  // Every inline script and style that a page holds is listed by its hash; the middleware adds the other directives.
  experimental: { csp: true },
  vite: {
    plugins: [tailwindcss()],
    build: { assetsInlineLimit: 0 },
    worker: { format: 'es' },
    optimizeDeps: { include: ['highs', 'comlink'] },
  },
});
