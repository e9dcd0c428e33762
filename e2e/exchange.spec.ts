import { describe, expect, it, jest } from '@jest/globals';
import type { Page } from 'puppeteer-core';
import type { DishRecord } from '@hammock/core/records';
import { until, axe, button, keptByBrowser, Kitchen, pour, press, sees, stored } from './support/harness.js';

jest.setTimeout(60_000);

const kitchen = Kitchen.forTests({ demo: false });

/** Drops a file on the page, as from a folder beside it. */
const drop = (page: Page, name: string, text: string): Promise<void> =>
  page.evaluate(
    (called, words) => {
      const dataTransfer = new DataTransfer();
      dataTransfer.items.add(new File([words], called));
      dispatchEvent(new DragEvent('drop', { dataTransfer, bubbles: true, cancelable: true }));
    },
    name,
    text,
  );

describe('a plan as a link', () => {
  it('opens on another device, is looked over first, and pours the same there', async () => {
    const page = await kitchen.page();
    const before = await pour(page);
    await press(page, 'As a link');
    const box = await page.waitForSelector('input[readonly]');
    const link = (await box?.evaluate((e) => e.value)) ?? '';
    expect(link.length).toBeLessThan(1500);
    await page.waitForSelector('svg[role=img][aria-label*="for a camera"]');
    const other = await kitchen.page();
    await other.goto(link);
    await sees(other, 'What came in');
    await sees(other, 'A plan for 4');
    await press(other, 'Open it on Pour');
    expect(await pour(other)).toEqual(before);
    await other.goto(link.slice(0, -40));
    await sees(other, 'This link is not whole');
  });
});

describe('a file that is dropped', () => {
  it('is told for what it is before anything happens, and its lines are read on Pour', async () => {
    const page = await kitchen.page();
    await pour(page);
    const recipe = {
      '@type': 'Recipe',
      name: 'Leek pilaf',
      recipeIngredient: ['2 cups basmati rice', '2 leeks', '30 g butter'],
      recipeInstructions: [{ '@type': 'HowToStep', text: 'Simmer covered 12 minutes.' }],
    };
    await drop(page, 'leek.jsonld', JSON.stringify(recipe));
    await sees(page, 'What came in');
    await sees(page, 'Leek pilaf');
    await press(page, 'Read it on Pour');
    await sees(page, 'Called Leek pilaf');
    await drop(page, 'photo.jpg', 'JFIF\u0000\u0001');
    await sees(page, 'photo.jpg is no text');
    await drop(page, 'odd.json', '{"a":1}');
    await sees(page, 'Nothing that Hammock knows is in it');
  });
});

describe('a file that another program shares', () => {
  it('is laid aside by the installed program and looked over, with the server away too', async () => {
    const page = await kitchen.page();
    await pour(page);
    await keptByBrowser(page);
    await kitchen.killServer();
    // As a browser posts it, and the page that it is then sent on to.
    const share = async (name: string, text: string): Promise<void> => {
      const sentOn = await page.evaluate(
        async (called, words) => {
          const form = new FormData();
          form.set('title', 'shared');
          form.set('file', new File([words], called));
          return (await fetch('/in', { method: 'POST', body: form, redirect: 'manual' })).type;
        },
        name,
        text,
      );
      expect(sentOn).toBe('opaqueredirect');
      await page.goto(`${kitchen.url}/in?shared=1`);
    };
    await share('Löffel.csv', 'name,water\nRed jar,88');
    await sees(page, 'ingredients of your own');
    await sees(page, 'Red jar');
    await page.reload();
    await sees(page, 'Nothing yet');
    await share('photo.jpg', 'JFIF\u0000');
    await sees(page, 'photo.jpg is no text');
    await kitchen.startServer();
  });
});

describe('a table of pots', () => {
  it('is looked over, written down once, teaches, and comes out as it went in', async () => {
    const [dish] = await kitchen.api<DishRecord[]>('GET', 'dishes');
    const page = await kitchen.page();
    await pour(page);
    const rows = [
      `2026-03-02,${dish!.label},300 g,700,a bit soft,windy`,
      `2026-03-09,${dish!.label},300 g,650 ml,as wanted,`,
      `sometime,${dish!.label},300 g,650,3,`,
    ];
    const table = `When,What,Rice,Liquid,Came out,Note\n${rows.join('\n')}`;
    await drop(page, 'pots.csv', table);
    await sees(page, '2 pages can be written down, and 2 of them teach');
    await sees(page, '1 row left out: no day that can be read');
    expect(await axe(page)).toEqual([]);
    await press(page, 'Write 2 pages down');
    await sees(page, 'windy');
    await stored(page);
    // Each page is a write of its own: between two of them nothing waits.
    await until(async () => {
      const { pots } = await kitchen.api<{ pots: number[] }>('GET', 'learnt');
      return Math.max(...pots) === 2;
    });
    await drop(page, 'pots.csv', table);
    await sees(page, '2 rows left out: in the notebook already');
    const out = await (await fetch(`${kitchen.url}/api/notebook.csv`)).text();
    expect(out).toContain(dish!.label);
    expect(out).toMatch(/,300 g,\d+,700,4,clean,windy,/u);
    await drop(page, 'own.csv', out);
    await sees(page, '2 rows left out: in the notebook already');
  });
});

describe('the sheet for the fridge door', () => {
  it('is one page, with the dish, the pour and the stages, and nothing else', async () => {
    const page = await kitchen.page();
    const { main } = await pour(page);
    await button(page, 'Print a sheet');
    await page.emulateMediaType('print');
    const seen = await page.evaluate(() => document.body.innerText);
    expect(seen).toContain(`Pour ${main.trim()}`);
    expect(seen).toContain('Steam burns');
    expect(seen).not.toContain('Print a sheet');
    const pages = Buffer.from(await page.pdf({ format: 'A4' }))
      .toString('latin1')
      .match(/\/Type\s*\/Page\b(?!s)/gu);
    expect(pages).toHaveLength(1);
  });
});

describe('the short ways of the installed program', () => {
  it('open an empty pot, and the dishes', async () => {
    const page = await kitchen.page('/?new=pot');
    await sees(page, 'A line for each thing, or the whole recipe');
    expect(new URL(page.url()).search).toBe('');
    const manifest = (await (await fetch(`${kitchen.url}/hammock.webmanifest`)).json()) as {
      shortcuts: { url: string }[];
    };
    expect(manifest.shortcuts.map((s) => s.url)).toEqual(['/dishes', '/?new=pot']);
  });
});
