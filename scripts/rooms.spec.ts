import { describe, expect, it } from '@jest/globals';
import { execFile } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';

const root = join(__dirname, '..');
const run = promisify(execFile);

describe('the picture of the rooms', () => {
  it('is drawn from the imports as they are, and no two rooms import each other: npm run rooms', async () => {
    const script = `import { contributing, rooms } from './scripts/rooms.mjs';
      process.stdout.write(JSON.stringify({ text: await contributing(), arrows: ['core', 'web'].map((h) => [...rooms(h).arrows.keys()]) }))`;
    const args = ['--input-type=module', '-e', script];
    const { stdout } = await run(process.execPath, args, { cwd: root, maxBuffer: 1e8 });
    const { text, arrows } = JSON.parse(stdout) as { text: string; arrows: string[][] };
    expect(readFileSync(join(root, 'CONTRIBUTING.md'), 'utf8')).toBe(text);
    for (const house of arrows) {
      expect(house.length).toBeGreaterThan(8);
      const bothWays = house.filter((a) => house.includes(a.split(' --> ').reverse().join(' --> ')));
      expect(bothWays).toEqual([]);
    }
  });
});
