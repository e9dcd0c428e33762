import { describe, expect, it } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { execFile } from 'node:child_process';
import { join } from 'node:path';
import { promisify } from 'node:util';

const root = join(__dirname, '../..');
const run = promisify(execFile);

describe('the shapes of replies in the API document', () => {
  it('are those of the core’s types: after a change of a type, npm run schemas', async () => {
    const script =
      "import { replySchemasFile } from './scripts/make/replySchemas.mjs'; process.stdout.write(await replySchemasFile())";
    const args = ['--input-type=module', '-e', script];
    const { stdout } = await run(process.execPath, args, { cwd: root, maxBuffer: 1e8 });
    expect(readFileSync(join(root, 'apps/server/src/answer/replySchemas.generated.ts'), 'utf8')).toBe(stdout);
  });
});
