import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
  preprocess: vitePreprocess(),
  kit: {
    // Where files are written on the way. What is built beside something else that writes there has a
    // place of its own.
    outDir: process.env.ARRUP_BUILD_BY ?? '.svelte-kit',
    // Smaller files for whoever is far away; to make them takes a third of the build.
    adapter: adapter({ precompress: !process.env.ARRUP_HERE_ONLY }),
    alias: { $core: 'src/core' },
    // The kept shell answers at any address without a network: its files must not depend on it.
    // ARRUP_BASE=/arrup: where the address has a path before it, behind a proxy, say.
    paths: { relative: false, base: process.env.ARRUP_BASE ?? '' },
    // Nothing is fetched from elsewhere and nothing is sent anywhere: everything is 'self'.
    // The routes keep nothing and know nobody (no cookies): a foreign page has nothing to forge, and
    // a wrong content type gets our own 415.
    csrf: { trustedOrigins: ['*'] },
    csp: {
      mode: 'nonce',
      directives: {
        'default-src': ['self'],
        'script-src': ['self', 'wasm-unsafe-eval'],
        // The hash is of one style attribute: SvelteKit's own announcer of page changes, out of sight.
        'style-src': [
          'self',
          'unsafe-hashes',
          'sha256-S8qMpvofolR8Mpjy4kQvEm7m1q8clzU4dfDH0AmvZjo=',
        ],
        'img-src': ['self', 'data:', 'blob:'],
        'font-src': ['self'],
        'connect-src': ['self'],
        'worker-src': ['self', 'blob:'],
        'media-src': ['self', 'blob:'],
        'object-src': ['none'],
        'base-uri': ['none'],
        'form-action': ['self'],
        'frame-ancestors': ['none'],
      },
    },
  },
};
