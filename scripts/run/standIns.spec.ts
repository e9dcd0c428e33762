import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { execFile, spawn, type ChildProcess } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { Ajv } from 'ajv';

const root = join(__dirname, '../..');
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
  child = spawn(process.execPath, [join(root, 'scripts/run/standIns.mjs'), '--of', 'http://127.0.0.1:9'], {
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

describe('the pot that is on', () => {
  it('is warmed and loses steam as it is cooked, and weighs what is in it', async () => {
    const { answer } = await import('@hammock/core');
    // The built core is what they run on: they are asked as a program is.
    const input = { grainId: 'basmati', grain: { g: 300 }, vessel: { diameterCm: 22, volumeMl: 4000 } };
    const made = answer(input);
    if (!made.ok) throw new Error('no answer');
    const { stages, pour } = made.value;
    const cook = { input, answer: { stages }, advisedMl: pour.ml, pouredMl: null };
    const tap = (kind: string, stageId: string | undefined, atMin: number, seq: number) => ({
      id: `t${seq.toString()}`,
      seq,
      kind,
      stageId,
      atMs: atMin * 60_000,
    });
    const [first] = stages;
    const events = [tap('start', first?.id, 0, 1), tap('done', first?.id, 9, 2)];
    const script = `import { potNow } from ${JSON.stringify(join(root, 'scripts/run/standInParts.mjs'))}; const cook = ${JSON.stringify({ ...cook, events })}; console.log(JSON.stringify([0.5, 8, 14].map((min) => potNow({ ...cook, events: cook.events.filter((e) => e.atMs <= min * 60000) }, min * 60000))));`;
    const { stdout } = await promisify(execFile)(process.execPath, ['--input-type=module', '-e', script], {
      cwd: root,
    });
    const [cold, hot, later] = JSON.parse(stdout) as { weighsG: number; tempC: number }[];
    expect(cold!.tempC).toBeLessThan(60);
    expect(hot!.tempC).toBeGreaterThan(90);
    expect(hot!.tempC).toBeLessThan(102);
    // Pot, grain and water as it was put on; lighter by steam, and by no more than a kitchen's ring drives off.
    expect(Math.abs(cold!.weighsG - (1850 + 300 + pour.g))).toBeLessThan(15);
    expect(later!.weighsG).toBeLessThan(cold!.weighsG - 5);
    expect(later!.weighsG).toBeGreaterThan(cold!.weighsG - 250);
  });
});
