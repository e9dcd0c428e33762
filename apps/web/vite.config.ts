import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { VitePWA } from 'vite-plugin-pwa';
import { defaultClientConditions, defineConfig, type Plugin } from 'vite';

/** Replaced by the server in every page it serves: apps/server/src/web.ts. */
const NONCE = '__HAMMOCK_NONCE__';

/** Typefaces come in through style sheets, which the bundler's own list of licences does not see. */
const FONTS = ['@fontsource-variable/sofia-sans', '@fontsource-variable/sofia-sans-extra-condensed'];

/** The licence text of each typeface, beside the program that ships it. */
const fontLicences = (): Plugin => ({
  name: 'font-licences',
  apply: 'build',
  generateBundle() {
    for (const name of FONTS) {
      const folder = dirname(new URL(import.meta.resolve(`${name}/package.json`)).pathname);
      const file = readdirSync(folder).find((n) => /^licen[cs]e/iu.test(n));
      if (file === undefined) throw new Error(`${name} has no licence text`);
      const fileName = `licences/${name.split('/').at(-1) ?? name}.txt`;
      this.emitFile({ type: 'asset', fileName, source: readFileSync(join(folder, file)) });
    }
  },
});

/** Files of ours, each with all that it needs; a file that is not there would put its piece into another one unseen. */
const own = (...paths: readonly string[]): RegExp => {
  for (const path of paths)
    if (!existsSync(join(import.meta.dirname, 'src', path)))
      throw new Error(`no ${path} to build a piece of`);
  const any = paths.map((path) => path.replaceAll('/', '[\\/]').replaceAll('.', '\\.')).join('|');
  return new RegExp(`apps[\\/]web[\\/]src[\\/](${any})$`, 'u');
};

/** The screens are fetched beside the script that asks for them, and not after it. */
const appAhead = (): Plugin => ({
  name: 'app-ahead',
  apply: 'build',
  transformIndexHtml: {
    order: 'post',
    handler: (_html, { bundle = {} }) =>
      Object.values(bundle)
        .filter((piece) => piece.type === 'chunk' && piece.name === 'app')
        .map(({ fileName }) => ({
          tag: 'link',
          injectTo: 'head' as const,
          attrs: { rel: 'modulepreload', crossorigin: '', href: `/${fileName}`, nonce: NONCE },
        })),
  },
});

/** The whole program is kept by the browser, so that every screen opens with the server away. */
const awayToo = () =>
  VitePWA({
    // A new version waits until somebody says so: storage/newVersion.ts.
    registerType: 'prompt',
    injectRegister: false,
    manifest: false,
    workbox: {
      globPatterns: ['**/*.{js,css,html,svg,png,woff2,webmanifest}'],
      globIgnores: ['licences/**', 'share.js'],
      maximumFileSizeToCacheInBytes: 4 * 1024 * 1024,
      navigateFallback: '/index.html',
      navigateFallbackDenylist: [/^\/api(?:\/|$)/u],
      cleanupOutdatedCaches: true,
      // What other programs share: public/share.js.
      importScripts: ['/share.js'],
      sourcemap: false,
    },
  });

/** The server that was started beside this one, and no other: scripts/run/dev.mjs. */
const SERVER = `http://127.0.0.1:${process.env['HAMMOCK_PORT'] ?? '4270'}`;

export default defineConfig({
  plugins: [react(), tailwindcss(), fontLicences(), appAhead(), awayToo()],
  resolve: { conditions: ['hammock-source', ...defaultClientConditions] },
  html: { cspNonce: NONCE },
  worker: { format: 'es' },
  build: {
    target: 'es2022',
    assetsInlineLimit: 0,
    manifest: true,
    license: { fileName: 'licences/packages.md' },
    rolldownOptions: {
      output: {
        // Each thing that is waited for in one file: a slow phone pays more for twenty files than for their size.
        codeSplitting: {
          groups: [
            { name: 'first', test: own('main.ts'), priority: 5 },
            { name: 'app', test: own('App.tsx'), priority: 4 },
            {
              name: 'number',
              test: own('stores/plan/coreParts.ts', 'screens/pour/number/theNumberPiece.ts'),
              priority: 3,
            },
            { name: 'below', test: own('screens/pour/below.ts'), priority: 2 },
            {
              name: 'lists',
              test: own('ui/controls/PickList.tsx', 'ui/controls/SearchList.tsx'),
              priority: 1,
            },
          ],
        },
      },
    },
  },
  server: {
    // The server lets in its own pages only: what comes through here is one of them.
    proxy: { '/api': { target: SERVER, changeOrigin: true, headers: { origin: SERVER } } },
  },
});
