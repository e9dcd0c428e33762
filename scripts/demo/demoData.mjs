import { DISHES } from './demoDishes.mjs';
import { verdictOf, withLearnt, YEAR } from './demoYear.mjs';
import {
  BAGS,
  COOKS,
  CUPS,
  HOBS,
  HOUSEHOLD,
  INGREDIENTS,
  METHODS,
  OPENED,
  STEAM_TESTS,
  VESSELS,
} from './demoHousehold.mjs';

/** The crew of a ropeway's upper station: docs/decisions/0002-demo-household.md. All invented. */

const DAY_MS = 24 * 3600 * 1000;
const MINUTE_MS = 60_000;

/** Ids that are the same every time the demo is made. */
const id = (group, n) =>
  `7a1e${String(group).padStart(4, '0')}-0000-4000-8000-${String(n).padStart(12, '0')}`;

async function send(url, method, path, body) {
  const response = await fetch(`${url}/api/${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    body: body && JSON.stringify(body),
  });
  if (!response.ok) throw new Error(`${method} ${path}: ${await response.text()}`);
  return response.status === 204 ? undefined : response.json();
}

/**
 * Fills an empty household at `url` through the same API the screens use.
 * @param year true for the year of pots before those told one by one, and the notebook that learnt from them
 */
export async function fillDemo(url, nowMs, { year = false } = {}) {
  for (const kind of ['bags', 'vessels', 'hobs', 'cups', 'dishes', 'ingredients', 'methods', 'steam-tests']) {
    for (const { id: starter, revision } of await send(url, 'GET', kind))
      await send(url, 'DELETE', `${kind}/${starter}?standsOn=${revision}`);
  }
  const { revision } = await send(url, 'GET', 'household');
  await send(url, 'PUT', `household?standsOn=${revision}`, HOUSEHOLD);
  for (const [n, [grainId, label, note]] of BAGS.entries())
    await send(url, 'PUT', `bags/${id(1, n)}`, {
      grainId,
      label,
      note,
      openedOn: dayBefore(nowMs, OPENED[n]),
    });
  for (const [n, [label, diameterCm, volumeMl, lid, wall, kind = 'pot']] of VESSELS.entries()) {
    await send(url, 'PUT', `vessels/${id(2, n)}`, { label, diameterCm, volumeMl, lid, wall, kind });
  }
  for (const [n, [label, kind, powerW]] of HOBS.entries())
    await send(url, 'PUT', `hobs/${id(3, n)}`, { label, kind, powerW });
  for (const [n, [label, kind, ml, parts, stepMl]] of CUPS.entries()) {
    await send(url, 'PUT', `cups/${id(4, n)}`, { label, kind, ml, parts, ...(stepMl ? { stepMl } : {}) });
  }
  for (const [n, [label, blurb, spec]] of DISHES.entries())
    await send(url, 'PUT', `dishes/${id(5, n)}`, { label, blurb, spec });
  for (const [n, [label, figures]] of INGREDIENTS.entries())
    await send(url, 'PUT', `ingredients/${id(8, n)}`, { label, figures });
  for (const [n, [label, method, stages]] of METHODS.entries())
    await send(url, 'PUT', `methods/${id(9, n)}`, { label, method, stages });
  for (const [
    n,
    [vessel, hob, heat, coveredLossG, coveredMin, openLossG, openMin],
  ] of STEAM_TESTS.entries()) {
    const label = `${VESSELS[vessel][0]} on the ${HOBS[hob][0]}, ${heat} heat`;
    const test = {
      label,
      vesselId: id(2, vessel),
      hobId: id(3, hob),
      heat,
      coveredLossG,
      coveredMin,
      openLossG,
      openMin,
    };
    await send(url, 'PUT', `steam-tests/${id(10, n)}`, test);
  }
  const learntBy = year ? () => send(url, 'GET', 'learnt') : undefined;
  if (year) {
    const { revision: household, ...fields } = await send(url, 'GET', 'household');
    await send(url, 'PUT', `household?standsOn=${household}`, { ...fields, people: ['Mirle', 'Odo'] });
    for (const pot of YEAR) await potOfTheYear(url, nowMs, pot, await learntBy());
  }
  const told = [...COOKS.entries()];
  // Each stands on what those before it taught: the oldest is cooked first.
  if (year) told.sort(([, a], [, b]) => Number(b[4]) - Number(a[4]));
  for (const [n, cook] of told) await pastCook(url, nowMs, n, /** @type {any} */ (cook), await learntBy?.());
  await send(url, 'PUT', `plans/${id(6, 0)}`, planOf(0, 0, 0, 0));
}

const dayBefore = (nowMs, days) => new Date(nowMs - days * DAY_MS).toISOString().slice(0, 10);

function planOf(dish, bag, vessel, hob) {
  const [label, , spec] = DISHES[dish];
  const [, diameterCm, volumeMl, lid, wall, potKind = 'pot'] = VESSELS[vessel];
  const [, kind, powerW] = HOBS[hob];
  const { altitudeM, roomC } = HOUSEHOLD;
  const input = {
    ...Object(spec),
    vessel: { diameterCm, volumeMl, lid, wall, kind: potKind },
    hob: { kind, powerW },
    altitudeM,
    roomC,
    cupMl: CUPS[0][2],
  };
  return { dishId: id(5, dish), bagId: id(1, bag), vesselId: id(2, vessel), hobId: id(3, hob), label, input };
}

/** A pot of the year before, poured as the notebook advised it then. */
async function potOfTheYear(url, nowMs, pot, learnt) {
  const startedAtMs = new Date(nowMs - pot.daysAgo * DAY_MS).setHours(18, 30, 0, 0);
  const plan = withLearnt(planOf(...pot.of), learnt);
  const path = `cooks/${id(11, pot.n)}`;
  const { revision } = await send(url, 'PUT', path, { ...plan, startedAtMs });
  await send(url, 'PATCH', `${path}?standsOn=${revision}`, {
    outcome: { ...verdictOf(pot, plan), atMs: startedAtMs + 70 * MINUTE_MS },
  });
}

async function pastCook(
  url,
  nowMs,
  n,
  [dish, bag, vessel, hob, daysAgo, share, texture, base, note],
  learnt,
) {
  // Supper is at half past six, station time.
  const startedAtMs = new Date(nowMs - daysAgo * DAY_MS).setHours(18, 30, 0, 0);
  const path = `cooks/${id(7, n)}`;
  const plain = planOf(dish, bag, vessel, hob);
  const plan = learnt ? withLearnt(plain, learnt) : plain;
  const cook = await send(url, 'PUT', path, { ...plan, startedAtMs });
  let atMs = startedAtMs;
  const tap = (k, kind, stageId) =>
    send(url, 'PUT', `${path}/events/${id(100 + n, k)}`, { kind, stageId, atMs });
  const [first] = cook.answer.stages;
  await tap(0, 'start', first.id);
  for (const [k, stage] of cook.answer.stages.entries()) {
    atMs += Math.round((stage.end.minutes ?? stage.end.expectMin) * MINUTE_MS + (k % 3) * 20_000);
    await tap(k + 1, 'done', stage.id);
  }
  await send(url, 'PATCH', `${path}?standsOn=${cook.revision}`, {
    pouredMl: Math.max(0, Math.round((cook.advisedMl * share) / 5) * 5),
    outcome: { texture, base, note, atMs: atMs + 20 * MINUTE_MS },
  });
}
