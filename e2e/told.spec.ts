import { describe, expect, it, jest } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from 'puppeteer-core';
import { axe, Kitchen, pour, press, sees, until } from './support/harness.js';

jest.setTimeout(90_000);

const kitchen = Kitchen.forTests({ demo: true });

const DISHES = readFileSync(join(__dirname, '../packages/core/src/testing/dishes.txt'), 'utf8')
  .replace(/^#.*\n/u, '')
  .split('\n---\n');

/** Puts a text into the box as a paste does: at once. */
async function paste(page: Page, text: string): Promise<void> {
  const box = await page.waitForSelector('textarea');
  await box?.evaluate((field, pasted) => {
    Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')?.set?.call(field, pasted);
    field.dispatchEvent(new Event('input', { bubbles: true }));
  }, text);
}

/** How many lines still ask something. */
const open = (page: Page): Promise<number> =>
  page.$$eval(
    '[aria-label="As understood"] > li',
    (lines) => lines.filter((l) => l.textContent.trim().startsWith('?')).length,
  );

/** Answers what is asked of the first open line: that it is that, what a jar holds, or how much of it. */
async function settle(page: Page): Promise<void> {
  const before = await page.$eval('[aria-label="As understood"]', (e) => e.textContent);
  await page.evaluate(() => {
    const lines = [...document.querySelectorAll('[aria-label="As understood"] > li')];
    const line = lines.find((l) => l.textContent.trim().startsWith('?'));
    const field = line?.querySelector('input');
    if (field) {
      const says = field.placeholder === '1 tsp' ? '2 tbsp' : '400';
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(field, says);
      field.dispatchEvent(new Event('input', { bubbles: true }));
    }
  });
  await until(async () => {
    await page.evaluate(() => {
      const lines = [...document.querySelectorAll('[aria-label="As understood"] > li')];
      const line = lines.find((l) => l.textContent.trim().startsWith('?'));
      [...(line?.querySelectorAll<HTMLButtonElement>('button:not([role=combobox])') ?? [])]
        .find((b) => !b.disabled)
        ?.click();
    });
    const now = await page.$('[aria-label="As understood"]');
    return now === null || (await now.evaluate((e) => e.textContent)) !== before;
  });
}

const wordsAt = (page: Page): Promise<string> =>
  page.$$eval('[data-testid=stage] input', (fields) =>
    fields
      .map((f) => f.value)
      .join(' ')
      .toLowerCase(),
  );

describe('a dish told in the cook’s own words, from a blank pot', () => {
  it.each(DISHES.map((text, i) => [i + 1, text] as const))(
    '%i is pasted, settled by taps, gets a number and keeps its words',
    async (n, text) => {
      const page = await kitchen.page();
      await press(page, 'New dish');
      await sees(page, 'Which grain?');
      await paste(page, text);
      await page.waitForSelector('[aria-label="As understood"] > li');
      for (let taps = 0; taps < 12 && (await open(page)) > 0; taps += 1) await settle(page);
      expect(await open(page)).toBe(0);
      await press(page, 'Put ');
      const [first = ''] = text.split('\n');
      // For how many is no part of the name.
      const title = first.replace(/ for two$/u, '');
      await until(async () => {
        const name = await page.$('[aria-label="Name of the dish"]');
        return (await name?.evaluate((e) => (e as HTMLInputElement).value)) === title;
      });
      expect((await pour(page)).main).not.toBe('');
      await page.goto(`${kitchen.url}/method`);
      await page.waitForSelector('[data-testid=stage]');
      const kept = await wordsAt(page);
      // The last clause of every telling is words at a stage, or was a thing that went in.
      const last = (
        text
          .split(/[.;\n]\s*/u)
          .filter((s) => s.trim() !== '')
          .at(-1) ?? ''
      ).toLowerCase();
      if (n <= 13 && n !== 4) expect(kept).toContain(last.split(',').at(-1)?.trim().slice(0, 12));
      if (n === 1) expect(await axe(page)).toEqual([]);
      await page.close();
    },
  );

  it('remembers what a jar holds, and says what a pot without its grain waits for', async () => {
    const page = await kitchen.page();
    await press(page, 'New dish');
    // A jar of passata was asked about by a dish before: this one has not been.
    await paste(page, '1 jar curry paste\n2 cups basmati\n1 cup quinoa');
    await sees(page, 'how much is in one?');
    await sees(page, 'A pot has one grain');
    await settle(page);
    await paste(page, 'half a jar of curry paste');
    await sees(page, '200 g');
    await page.setViewport({ width: 390, height: 844 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    expect(await axe(page)).toEqual([]);
    // The household's own pot stands there; what is not settled yet is the grain.
    await sees(page, 'Which grain?');
  });
});
