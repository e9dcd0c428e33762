import { describe, expect, it, jest } from '@jest/globals';
import SqliteFile from 'better-sqlite3';
import { ANSWER_EXAMPLE } from '../apps/server/src/answer/answer.example.js';
import type { CookRecord } from '@hammock/core/records';
import { Kitchen, SCREENS, sees } from './support/harness.js';

jest.setTimeout(120_000);
const kitchen = Kitchen.forTests({ demo: false });

const UUID = '00000000-0000-4000-8000-00000000000';

describe('a pot, a bag, a dish and a plan that make no sense', () => {
  it('break the part that draws them and nothing else: every page opens, and Keeping with it', async () => {
    const body = { label: 'Odd pot', input: ANSWER_EXAMPLE };
    for (const n of [1, 2, 3]) {
      const { revision } = await kitchen.api<CookRecord>('PUT', `cooks/${UUID}${n.toString()}`, body);
      if (n === 1)
        await kitchen.api('PUT', `cooks/${UUID}1/outcome?standsOn=${revision.toString()}`, {
          ...{ texture: 3, base: 'clean', note: '' },
        });
    }
    await kitchen.api('PUT', `bags/${UUID}1`, { grainId: 'millet', label: 'Odd sack', note: '' });
    await kitchen.api('PUT', `dishes/${UUID}1`, {
      ...{ label: 'Odd dish', blurb: '', spec: { grainId: 'millet', grain: { g: 200 } } },
    });
    await kitchen.api('PUT', `plans/${UUID}1`, body);
    await kitchen.stopServer();
    const file = new SqliteFile(kitchen.dataFile);
    const nonsense = JSON.stringify({ stages: [{ id: 'a', act: 'levitate' }], pour: null, verdict: 'x' });
    file.prepare('UPDATE cook SET answer = ?, input = ?').run(nonsense, '{"grain":7,"stages":{}}');
    file.prepare(`UPDATE bag SET "grainId" = 'nothing' WHERE label = 'Odd sack'`).run();
    file.prepare(`UPDATE dish SET spec = '[]' WHERE label = 'Odd dish'`).run();
    file.prepare(`UPDATE plan SET input = '{"grainId":7,"ingredients":{},"stages":[{"act":"x"}]}'`).run();
    file.close();
    await kitchen.startServer();
    const page = await kitchen.page('/');
    const pages = [...SCREENS, '/stove', `/notebook/${UUID}1`, `/notebook/${UUID}2`];
    const closed: string[] = [];
    for (const path of pages) {
      await page.goto(`${kitchen.url}${path}`);
      await page.waitForSelector('main > *', { timeout: 8000 }).catch(() => undefined);
      await new Promise((later) => setTimeout(later, 700));
      const open = await page.evaluate(
        () =>
          document.querySelector('nav[aria-label=Screens] a') !== null &&
          document.querySelector('main') !== null,
      );
      if (!open) closed.push(path);
    }
    expect(closed).toEqual([]);
    // What is good is there, on the very page of what is not.
    await page.goto(`${kitchen.url}/dishes`);
    await sees(page, 'New dish');
    await page.goto(`${kitchen.url}/kitchen`);
    await sees(page, 'Odd sack');
    await page.goto(`${kitchen.url}/keeping`);
    await sees(page, 'Everything as one file');
    // Odd plans throw where they are worked out as well as where they are drawn: those are said, and hold nothing up.
    kitchen.errors.length = 0;
  });
});
