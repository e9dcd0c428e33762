import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root, say } from '../run/lib.mjs';

/** Severities for which this ends with 1: what is in the program that runs, and not among its tools. */
const WORTH = new Set(['high', 'critical']);

/**
 * What npm says of the lock file, read.
 * @returns undefined where no source of advisories answered; else how many packages were asked of and what is known of them
 */
export function readAudit(text) {
  let said;
  try {
    said = JSON.parse(text.slice(text.indexOf('{')));
  } catch {
    return undefined;
  }
  if (said.vulnerabilities === undefined || said.error !== undefined || said.statusCode !== undefined)
    return undefined;
  const known = Object.values(said.vulnerabilities).map(({ name, severity, range, fixAvailable }) => ({
    ...{ name, severity, range },
    isMended: Boolean(fixAvailable),
  }));
  return { asked: said.metadata?.dependencies?.total ?? 0, known };
}

/** Packages of the lock file that are in the program that runs. */
export function running(lock) {
  return Object.entries(lock.packages).filter(
    ([path, { dev, link }]) => path.includes('node_modules/') && dev !== true && link !== true,
  ).length;
}

/** Compares the lock file with what the registry knows of its packages: npm run advisories. */
function main() {
  const lock = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'));
  const { stdout = '' } = spawnSync('npm', ['audit', '--omit=dev', '--json'], {
    cwd: root,
    encoding: 'utf8',
  });
  const found = readAudit(stdout);
  if (!found) {
    say(
      `No source of advisories answers from here: ${running(lock)} packages of the program were not compared. Try where the registry's advisories can be asked.`,
    );
    return 0;
  }
  for (const { name, severity, range, isMended } of found.known)
    say(`${severity}: ${name} ${range}${isMended ? ', mended in a newer version' : ''}`);
  if (found.known.length === 0) say(`Nothing is known against ${found.asked} packages.`);
  return found.known.some(({ severity }) => WORTH.has(severity)) ? 1 : 0;
}

if (process.argv[1] === import.meta.filename) process.exit(main());
