import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { root, webFolder } from '../run/lib.mjs';

const packed = (file) => gzipSync(readFileSync(join(webFolder, file))).length / 1000;

/** Packed size of every script the first page waits for, from Vite's manifest, kB. */
function firstLoadKb() {
  const manifest = JSON.parse(readFileSync(join(webFolder, '.vite/manifest.json'), 'utf8'));
  const files = new Set();
  const add = (key) => {
    const entry = manifest[key];
    if (files.has(entry.file)) return;
    files.add(entry.file);
    for (const next of entry.imports ?? []) add(next);
  };
  add('index.html');
  // What the page fetches beside it.
  for (const [key, { name }] of Object.entries(manifest)) if (name === 'app') add(key);
  return [...files].reduce((sum, file) => sum + packed(file), 0);
}

/**
 * What the built program weighs, kB packed: the first load, each later piece by its name, and the server's bundle.
 * @returns {Record<string, number>}
 */
export function sizes() {
  const assets = join(webFolder, 'assets');
  if (!existsSync(assets)) throw new Error('build first: npm run build');
  const pieces = readdirSync(assets)
    .filter((f) => f.endsWith('.js'))
    .map((f) => [f.replace(/-[\w-]{8}\.js$/u, ''), packed(`assets/${f}`)]);
  const server = statSync(join(root, 'apps/server/dist/bundle/main.js')).size / 1000;
  return { 'first load': firstLoadKb(), ...Object.fromEntries(pieces), 'server bundle, as it is': server };
}
