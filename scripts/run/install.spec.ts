import { describe, expect, it } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Whether a checkout with this lockfile and this list of npm's own counts as installed. */
function isInstalled(wanted: object, there: object | undefined): boolean {
  const folder = mkdtempSync(join(tmpdir(), 'hammock-install-'));
  mkdirSync(join(folder, 'node_modules'));
  writeFileSync(join(folder, 'package-lock.json'), JSON.stringify({ packages: wanted }));
  if (there !== undefined)
    writeFileSync(join(folder, 'node_modules/.package-lock.json'), JSON.stringify({ packages: there }));
  const script = `import { isInstalled } from './scripts/run/lib.mjs'; process.stdout.write(String(isInstalled(process.argv[1])))`;
  const args = ['--input-type=module', '-e', script, folder];
  const said = execFileSync(process.execPath, args, { cwd: join(__dirname, '../..'), encoding: 'utf8' });
  rmSync(folder, { recursive: true });
  return said === 'true';
}

const ROOT = { '': { name: 'hammock' }, 'apps/web': {} };
const REACT = { 'node_modules/react': { version: '19.3.1' } };

describe('what counts as installed', () => {
  it('is what the lockfile asks for, whoever installed it', () => {
    expect(isInstalled({ ...ROOT, ...REACT }, REACT)).toBe(true);
    expect(isInstalled({ ...ROOT, ...REACT, 'node_modules/@hammock/core': { link: true } }, REACT)).toBe(
      true,
    );
    const elsewhere = { 'node_modules/only-mac': { version: '1.0.0', optional: true, os: ['darwin'] } };
    expect(isInstalled({ ...ROOT, ...REACT, ...elsewhere }, REACT)).toBe(true);
  });

  it('is not what is missing, older, or nothing at all', () => {
    expect(isInstalled({ ...ROOT, ...REACT, 'node_modules/zustand': { version: '5.1.0' } }, REACT)).toBe(
      false,
    );
    expect(isInstalled({ ...ROOT, ...REACT }, { 'node_modules/react': { version: '19.3.0' } })).toBe(false);
    expect(isInstalled({ ...ROOT, ...REACT }, undefined)).toBe(false);
  });
});
