import { rmSync } from 'node:fs';
import { newFolder, wait } from './benchAround.mjs';
import { here } from './benchAsk.mjs';
import { tenThousand } from './benchServer.mjs';
import { openBrowser } from './browser.mjs';
import { numbers } from '../check/hostile.mjs';
import { endServer, freePort, say, startServer } from '../run/lib.mjs';

const WRONG = [
  null,
  true,
  '',
  ' ',
  -1,
  1e308,
  [],
  {},
  [[]],
  '__proto__',
  'levitate',
  'x'.repeat(5000),
  '\u0000',
  '\u202e',
  9e15,
  { act: 'x' },
  '<b>',
];

/** The n-th value of a body made something else. */
function twisted(body, random) {
  const copy = structuredClone(body);
  for (let times = 1 + random.below(3); times > 0; times -= 1) {
    const places = [];
    const walk = (value, deep) => {
      if (typeof value !== 'object' || value === null || deep > 9) return;
      for (const key of Object.keys(value)) {
        places.push([value, key]);
        walk(value[key], deep + 1);
      }
    };
    walk(copy, 0);
    if (places.length === 0) break;
    const [holder, key] = random.of(places);
    if (random.next() < 0.15) delete holder[key];
    else holder[key] = random.of(WRONG);
  }
  return copy;
}

/** Archives of which something is not as it was: looked over, put in; and every page read after them. */
export async function mutatedArchives(count) {
  const random = numbers(23);
  // A small household of its own: before each a copy of everything is made.
  const folder = newFolder();
  const at = { port: await freePort(4850), folder };
  const { child, url } = await startServer({ dataFolder: folder, port: at.port, quiet: true });
  await tenThousand(folder, url, 3);
  const good = await small(at);
  let [broken, put] = [0, 0];
  for (let n = 0; n < count; n += 1) {
    const archive = twisted(good, random);
    const body = JSON.stringify(archive, null, random.next() < 0.3 ? 1 : undefined);
    const looked = await here(at, { method: 'POST', path: '/api/archive/incoming', body: body ?? 'null' });
    if (looked.status >= 500 || looked.status === 0) broken += 1;
    if (looked.status !== 200) continue;
    const { id } = JSON.parse(looked.text);
    const done = await here(at, {
      ...{ method: 'POST', path: `/api/archive/incoming/${id}` },
      body: JSON.stringify({ how: 'merge' }),
    });
    put += 1;
    if (done.status >= 500 || done.status === 0) broken += 1;
  }
  for (const path of [
    'household',
    'bags',
    'vessels',
    'hobs',
    'cups',
    'dishes',
    'plans',
    'methods',
    'ingredients',
    'cooks',
    'changes?since=0',
    'learnt',
    'learnt/pots',
    'notebook.csv',
    'archive',
    'cooks/by-dish',
  ])
    if ((await here(at, { path: `/api/${path}`, waitMs: 60_000 })).status !== 200) broken += 1;
  const browser = await openBrowser();
  let closed = 0;
  const errors = [];
  const page = await browser.newPage();
  page.on('pageerror', (error) => errors.push(String(error)));
  page.on('console', (m) => process.env.SHOW && m.type() === 'error' && say(m.text().slice(0, 1500)));
  for (const path of [
    '/',
    '/stove',
    '/notebook',
    '/dishes',
    '/kitchen',
    '/table',
    '/keeping',
    '/method',
    '/course',
    '/compare',
    '/what-if',
    '/help',
  ]) {
    await page.goto(`http://127.0.0.1:${at.port}${path}`);
    await page.waitForSelector('main > *', { timeout: 6000 }).catch(() => undefined);
    await wait(500);
    const isOpen = await page.evaluate(
      () =>
        document.querySelector('main > *') !== null &&
        document.querySelector('nav a') !== null &&
        !document.body.textContent.includes('slipped its rope'),
    );
    if (!isOpen) {
      closed += 1;
      say(`${path} does not open whole: ${await page.evaluate(() => document.body.innerText.slice(0, 300))}`);
    }
  }
  await browser.close();
  for (const error of errors) say(error);
  const isUp = child.exitCode === null;
  await endServer(child);
  rmSync(folder, { recursive: true, force: true });
  return [
    [
      `${count} mutated archives looked over, ${put} put in, everything read after: answered 5xx`,
      broken,
      0,
      broken === 0 && isUp,
    ],
    ['… pages that do not open whole after them', closed + errors.length, 0, closed + errors.length === 0],
  ];
}

/** A household with one of each thing, as an archive. */
async function small(at) {
  const uuid = (n) => `00000000-0000-4000-9000-${String(n).padStart(12, '0')}`;
  const { text } = await here(at, { path: `/api/cooks/00000000-0000-4000-8000-000000000001` });
  const cook = JSON.parse(text);
  const times = { createdAtMs: 1, updatedAtMs: 2, deletedAtMs: null };
  const lists = {};
  for (const [key, path] of [
    ['bags', 'bags'],
    ['vessels', 'vessels'],
    ['hobs', 'hobs'],
    ['cups', 'cups'],
    ['dishes', 'dishes'],
  ])
    lists[key] = JSON.parse((await here(at, { path: `/api/${path}` })).text)
      .slice(0, 2)
      .map((row, n) => without(['revision'], { ...row, ...times, id: uuid(100 + n) }));
  const plain = without(['events', 'revision', 'outcome'], cook);
  const stageId = cook.answer.stages[0].id;
  return {
    format: 'hammock.archive',
    version: 1,
    ...lists,
    plans: [
      {
        id: uuid(300),
        ...times,
        label: 'Plan',
        dishId: null,
        bagId: null,
        vesselId: null,
        hobId: null,
        cupId: null,
        input: cook.input,
      },
    ],
    cooks: [
      {
        ...plain,
        id: uuid(1),
        taps: [
          {
            id: uuid(200),
            kind: 'start',
            stageId,
            atMs: 5,
            minutes: null,
            said: null,
            amount: null,
            followsId: null,
            undoesId: null,
          },
        ],
        outcome: {
          texture: 3,
          base: 'clean',
          note: '',
          counts: 'once',
          by: null,
          ate: null,
          helped: null,
          atMs: 9,
        },
      },
    ],
  };
}

const without = (names, row) =>
  Object.fromEntries(Object.entries(row).filter(([key]) => !names.includes(key)));
