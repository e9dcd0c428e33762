import { randomUUID } from 'node:crypto';
import { householdPlan } from '../../packages/core/dist/index.js';

const MIN = 60_000;

/** A pot of the demo household that has been on for as long as its taps say, and of which something was said. */
export async function potOnItsWay(url, nowMs, { until = 'simmer', goneMin = 9, said = [] } = {}) {
  const get = async (path) => (await fetch(`${url}${path}`)).json();
  const send = async (method, path, body) => {
    const reply = await fetch(`${url}${path}`, {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    if (!reply.ok) throw new Error(`${method} ${path}: ${reply.status} ${await reply.text()}`);
    return reply.json();
  };
  const [[dish], [, vessel], [hob], cups, household] = await Promise.all(
    ['dishes', 'vessels', 'hobs', 'cups', 'household'].map((kind) => get(`/api/${kind}`)),
  );
  const cup = cups.find((c) => c.kind === 'cup');
  const things = { vessel, hob, cup, steamTests: [], ingredients: [], place: household };
  const input = householdPlan({ portions: 4, ...dish.spec }, things);
  const { stages } = await send('POST', '/api/answer', input);
  const lasts = ({ end }) => (end.minutes ?? end.expectMin) * MIN;
  const index = stages.findIndex((s) => s.act === until);
  const before = stages.slice(0, index);
  let atMs = nowMs - before.reduce((sum, s) => sum + lasts(s), 0) - goneMin * MIN;
  const id = randomUUID();
  const choices = { dishId: dish.id, bagId: null, vesselId: vessel.id, hobId: hob.id, cupId: cup.id };
  const cook = await send('PUT', `/api/cooks/${id}`, {
    ...choices,
    label: dish.label,
    input,
    startedAtMs: Math.round(atMs),
  });
  const tap = (body) => send('PUT', `/api/cooks/${id}/events/${randomUUID()}`, body);
  await tap({ kind: 'start', stageId: stages[0].id, atMs: Math.round(atMs) });
  for (const stage of before) {
    atMs += lasts(stage);
    await tap({ kind: 'done', stageId: stage.id, atMs: Math.round(atMs) });
  }
  for (const { afterMin, ...more } of said)
    await tap({ ...more, stageId: stages[index].id, atMs: Math.round(atMs + afterMin * MIN) });
  /** Off the stove again. */
  const giveUp = () => send('PATCH', `/api/cooks/${id}?standsOn=${cook.revision}`, { abandoned: true });
  return { id, giveUp };
}
