import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { homedir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Nothing here needs a package: these scripts run before anything is installed. */
export const root = resolve(dirname(fileURLToPath(import.meta.url)), '../..');
const serverMain = join(root, 'apps/server/dist/bundle/main.js');
export const webFolder = join(root, 'apps/web/dist');

export const say = (words) => process.stdout.write(`· ${words}\n`);

/**
 * Ends the program with a sentence for the person who started it.
 * @returns {never}
 */
export function stop(words) {
  process.stderr.write(`${words}\n`);
  process.exit(1);
}

/** The household's own data, or what HAMMOCK_DATA says. */
export const dataFile = () => join(process.env.HAMMOCK_DATA ?? join(homedir(), '.hammock'), 'hammock.sqlite');

/** Runs a command to its end, its output shown; false when it failed. */
export function run(command, args, env = {}) {
  const done = spawnSync(command, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } });
  return done.status === 0;
}

/** What compiling SQLite takes, by the command and by what it is called. */
const TOOLS = [
  ['make', 'make'],
  ['g++', 'a C++ compiler'],
  ['python3', 'Python 3'],
];

/** Whether a command is to be had here. */
const has = (command) => spawnSync(command, ['--version'], { stdio: 'ignore' }).error === undefined;

/** Installs the packages of the lockfile when they are not there, are others, or are of another Node. */
export function install() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19))
    stop(`Hammock needs Node 20.19 or newer; this is ${process.versions.node}.`);
  if (!isInstalled()) {
    say('installing packages (about three minutes the first time: SQLite is compiled here)');
    if (!run('npm', ['ci', '--no-audit', '--no-fund', '--no-progress'])) stop(whyNot());
  }
  if (sqliteRuns()) return;
  say('compiling SQLite for this Node');
  if (!run('npm', ['rebuild', 'better-sqlite3']) || !sqliteRuns()) stop(whyNot());
}

/** One sentence on why installing failed, for what can be told. */
function whyNot() {
  const missing = TOOLS.filter(([command]) => !has(command)).map(([, name]) => name);
  return missing.length === 0
    ? 'Installing failed; the reason is above.'
    : `SQLite is compiled on this machine, and ${missing.join(' and ')} ${missing.length === 1 ? 'is' : 'are'} missing: install ${missing.length === 1 ? 'it' : 'them'} and try again (Debian: apt-get install g++ make python3).`;
}

/** Whether what npm says it has installed is what the lockfile asks for, whoever installed it. */
export function isInstalled(folder = root) {
  const read = (path) => JSON.parse(readFileSync(join(folder, path), 'utf8')).packages;
  try {
    const wanted = read('package-lock.json');
    const there = read('node_modules/.package-lock.json');
    return Object.entries(wanted).every(
      ([path, { version, link, optional, peer, os, cpu }]) =>
        !path.includes('node_modules/') ||
        link === true ||
        // Packages for other machines are left out.
        ((optional === true || peer === true || os !== undefined || cpu !== undefined) && !(path in there)) ||
        there[path]?.version === version,
    );
  } catch {
    return false;
  }
}

/** Whether the compiled part was compiled for this Node: its interface changes from one to the next. */
const sqliteRuns = () =>
  spawnSync(process.execPath, ['-e', "new (require('better-sqlite3'))(':memory:')"], {
    cwd: root,
    stdio: 'ignore',
  }).status === 0;

/** Newest change under a folder, ms. */
function newest(path) {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(
    0,
    ...readdirSync(path)
      .filter((n) => n !== 'node_modules' && n !== 'dist')
      .map((n) => newest(join(path, n))),
  );
}

/** Builds core, server and web unless the last build is newer than every source. */
export function build() {
  const stamp = join(root, '.tmp/built');
  const sources = ['packages/core', 'apps/server', 'apps/web', 'package-lock.json', 'tsconfig.base.json'];
  const built =
    existsSync(stamp) && existsSync(serverMain) && existsSync(join(webFolder, 'index.html'))
      ? statSync(stamp).mtimeMs
      : 0;
  if (built > Math.max(...sources.map((s) => newest(join(root, s))))) return;
  say('building');
  if (!run('npm', ['run', '--silent', 'build'])) stop('Building failed; the reason is above.');
  mkdirSync(dirname(stamp), { recursive: true });
  writeFileSync(stamp, '');
}

/**
 * The first free port at or after `from` on this machine; any that the system has free without.
 * @param {number} [from]
 * @returns {Promise<number>}
 */
export async function freePort(from = 0) {
  if (from === 0) {
    const probe = createServer();
    await new Promise((listening) => probe.listen(0, '127.0.0.1', () => listening(undefined)));
    const { port } = /** @type {import('node:net').AddressInfo} */ (probe.address());
    await new Promise((closed) => probe.close(closed));
    return port;
  }
  for (let port = from; port < from + 50; port += 1) {
    const free = await new Promise((answer) => {
      const probe = createServer();
      probe.once('error', () => answer(false));
      probe.listen(port, '127.0.0.1', () => probe.close(() => answer(true)));
    });
    if (free) return port;
  }
  return stop(`No free port from ${from} to ${from + 49}.`);
}

/**
 * A household's server is small: without bounds V8 lets short-lived objects of requests take 70 MB before it tidies up. With ten
 * thousand pots and somebody attacking it needs some 70 MB of the 128; one that wants more has lost something, falls, and is started again.
 */
const SERVER_FLAGS = ['--max-semi-space-size=8', '--max-old-space-size=128'];

/** Starts the built server and waits until it answers. Returns its process, its address and how long it took. */
export async function startServer({ dataFolder, port, quiet = false, web = webFolder, env = {} }) {
  const began = performance.now();
  const child = spawn(process.execPath, [...SERVER_FLAGS, serverMain], {
    cwd: root,
    stdio: ['ignore', quiet ? 'ignore' : 'inherit', 'inherit'],
    env: {
      ...process.env,
      HAMMOCK_DATA: dataFolder,
      HAMMOCK_PORT: String(port),
      HAMMOCK_WEB: web,
      NODE_ENV: 'production',
      ...env,
    },
  });
  const url = `http://127.0.0.1:${port}`;
  let ended;
  child.once('exit', (code, signal) => (ended = { code: code ?? 1, signal }));
  for (let tries = 0; tries < 600; tries += 1) {
    // It has said why; whoever started it ends with its code.
    if (ended) throw Object.assign(new Error('The server ended before it answered.'), ended);
    try {
      const { ok, status } = await fetch(`${url}/api/health`);
      // 503: it says in the page why it cannot start, and what would mend it; 403: a proxy stands before it.
      if (ok || status === 503 || status === 403) return { child, url, readyMs: performance.now() - began };
    } catch {
      // Not listening yet.
    }
    await new Promise((later) => setTimeout(later, 20));
  }
  child.kill();
  throw new Error('The server did not answer in 12 s.');
}

/** Ends a server that this program started, and waits for it. */
export function endServer(child) {
  return new Promise((done) => {
    if (child.exitCode !== null || child.signalCode !== null) return done();
    child.once('exit', done);
    child.kill('SIGTERM');
  });
}

/** Where Chromium is on this machine, or undefined. */
export const chromiumPath = () =>
  [
    process.env.HAMMOCK_CHROMIUM,
    '/usr/bin/chromium',
    '/usr/bin/chromium-browser',
    '/usr/bin/google-chrome',
  ].find((p) => p && existsSync(p));

/** Where nginx is on this machine, or undefined. */
const nginxPath = () =>
  ['/usr/sbin/nginx', '/usr/bin/nginx', '/usr/local/sbin/nginx'].find((p) => existsSync(p));

/** Finds nginx, the proxy that docs/security.md describes, or installs Debian's package where that is allowed; undefined where neither goes. */
export function needNginx() {
  if (!nginxPath() && process.getuid?.() === 0 && existsSync('/usr/bin/apt-get')) {
    say('installing nginx for the test of a proxy (Debian package)');
    run('apt-get', ['update', '-qq']);
    run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'nginx-light', 'openssl'], {
      DEBIAN_FRONTEND: 'noninteractive',
    });
  }
  return nginxPath();
}

/** Finds Chromium, or installs Debian's package where that is allowed, or says what to type. */
export function needChromium() {
  const found = chromiumPath();
  if (found) return found;
  const mayInstall = process.getuid?.() === 0 && existsSync('/usr/bin/apt-get');
  if (mayInstall) {
    say('installing Chromium for the browser tests (Debian package, about half a minute)');
    run('apt-get', ['update', '-qq']);
    run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium'], {
      DEBIAN_FRONTEND: 'noninteractive',
    });
    const now = chromiumPath();
    if (now) return now;
  }
  return stop(
    'The browser tests need Chromium. Type:  sudo apt-get install chromium  (or set HAMMOCK_CHROMIUM to its path), then npm test again.',
  );
}

/**
 * A flag such as --port 4200 or --fresh from the command line.
 * @returns {any} its word, or true where it has none
 */
export function flag(name) {
  const at = process.argv.indexOf(`--${name}`);
  if (at < 0) return undefined;
  const next = process.argv[at + 1];
  return next === undefined || next.startsWith('--') ? true : next;
}
