import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { execFile, spawn, type ChildProcess } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Ajv } from 'ajv';

const root = join(__dirname, '..');
const schema = JSON.parse(readFileSync(join(root, 'docs/instrument.schema.json'), 'utf8')) as object;
const ajv = new Ajv({ strict: false });
ajv.addSchema(schema, 'of');
const isInstrument = ajv.compile({ $ref: 'of#/definitions/instrument' });
const isReading = ajv.compile({ $ref: 'of#/definitions/reading' });

let child: ChildProcess;
let addresses: string[] = [];
beforeAll(async () => {
  await new Promise((done) => execFile('npx', ['tsc', '-b', 'packages/core'], { cwd: root }, done));
  // Nobody is at that port: they read an empty worktop.
  child = spawn(process.execPath, [join(root, 'scripts/standIns.mjs'), '--of', 'http://127.0.0.1:9'], {
    cwd: root,
  });
  addresses = await new Promise((found) => {
    let text = '';
    child.stdout?.on('data', (piece) => {
      text += String(piece);
      const list = /hob: (.+)/u.exec(text)?.[1];
      if (list !== undefined) found(list.split(', '));
    });
  });
}, 60_000);
afterAll(() => {
  child.kill('SIGTERM');
});

describe('the stand-ins', () => {
  it('say what they are and what they read as the protocol has it', async () => {
    const kinds: string[] = [];
    for (const address of addresses) {
      const said = (await (await fetch(address)).json()) as { kind: string };
      expect(isInstrument(said) ? [] : isInstrument.errors).toEqual([]);
      kinds.push(said.kind);
      const ended = new AbortController();
      const reply = await fetch(`${address}/readings`, { signal: ended.signal });
      let heard = '';
      for await (const piece of reply.body ?? []) {
        heard += new TextDecoder().decode(piece);
        if ((heard.match(/data: /gu) ?? []).length > 2) break;
      }
      ended.abort();
      const readings = [...heard.matchAll(/data: (.+)\n/gu)].map(
        ([, t]) => JSON.parse(t ?? '') as { value: number },
      );
      for (const reading of readings) expect(isReading(reading)).toBe(true);
      if (said.kind === 'scale') expect(Math.abs(readings[0]?.value ?? 99)).toBeLessThan(50);
    }
    expect(kinds).toEqual(['scale', 'thermometer', 'hob']);
  });

  it('do what they are told, and refuse what they are not asked', async () => {
    const [scale, probe, hob] = addresses;
    const post = async (address: string | undefined, path: string) =>
      (await fetch(`${address ?? ''}${path}`, { method: 'POST' })).status;
    expect(await post(scale, '/zero')).toBe(204);
    expect(await post(hob, '/set/low')).toBe(204);
    expect(await post(hob, '/set/lava')).toBe(400);
    expect(await post(probe, '/zero')).toBe(404);
    expect((await fetch(`${scale ?? ''}/other`)).status).toBe(404);
  });
});
