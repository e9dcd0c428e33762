import { answer } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { beforeEach, describe, expect, it } from '@jest/globals';
import { BAGS, DISHES, HOUSEHOLD, network, settle, soon, VESSELS, CUPS, HOBS } from '../testing/household.js';
import { eventsOf } from './cooks/cookRecord.js';
import { potsOn } from './cooks/onStove.js';
import { hearCooks } from './cooks/cookHearing.js';
import { useCooks } from './cooks/cooks.js';
import { planInputOf } from './plan/learntPlan.js';
import { sendDraftNow, useDraft } from './plan/draft.js';
import { measuresOf } from './kitchen/kitchenRows.js';
import { useUndo } from './session/undo.js';
import { useKitchen } from './kitchen/kitchen.js';
import { useOutbox } from './session/pendingWrites.js';

beforeEach(() => {
  network(() => 'gone');
  settle();
});

const draft = () => useDraft.getState().draft!;
const input = () => planInputOf(draft(), useKitchen.getState());
const waiting = () => useOutbox.getState().writes;

describe('the draft', () => {
  it('is the dish in this household: its bag, its pot, its hob, its cup, its height', () => {
    expect(draft()).toMatchObject({ label: 'Pilaf', bagId: 'bag-long', vesselId: 'pot-large', hobId: 'hob' });
    expect(input()).toMatchObject({
      grainId: 'longGrainWhite',
      cupMl: 240,
      altitudeM: 0,
      vessel: { diameterCm: 24 },
      hob: { kind: 'gas' },
    });
    expect(answer(input()).ok).toBe(true);
  });

  it('scales grain and everything else with the people, not the pot', () => {
    useDraft.getState().setPortions(6);
    expect(draft().spec.grain.g).toBeCloseTo(510, 9);
    expect(draft().spec.ingredients?.[0]?.amount.count).toBeCloseTo(1.5, 9);
    expect(draft().spec.portions).toBe(6);
    useDraft.getState().setPortions(Number.NaN);
    useDraft.getState().setPortions(0);
    expect(draft().spec.portions).toBe(6);
  });

  it('takes the grain of the bag that is chosen, and keeps the pot when the dish changes', () => {
    useDraft.getState().choose({ vesselId: 'pot-small' });
    useDraft.getState().choose({ bagId: 'bag-jasmine' });
    expect(draft().spec.grainId).toBe('jasmine');
    useDraft.getState().chooseDish(DISHES[1]!);
    expect(draft()).toMatchObject({ label: 'Coconut', bagId: 'bag-jasmine', vesselId: 'pot-small' });
  });

  it('sets a plan with changes of its own aside when another dish is chosen, and goes back to it', () => {
    const { chooseDish, setIngredient, goBackTo } = useDraft.getState();
    const aside = () => useDraft.getState().aside.map((d) => d.label);
    chooseDish(DISHES[1]!);
    // It said nothing that its dish does not say.
    expect(aside()).toEqual([]);
    chooseDish(DISHES[0]!);
    setIngredient(0, { state: 'brown' });
    const changed = draft();
    chooseDish(DISHES[1]!);
    expect(aside()).toEqual(['Pilaf']);
    expect(draft().planId).not.toBe(changed.planId);
    useDraft.getState().setGrain({ g: 111 });
    goBackTo(changed.planId);
    expect(draft()).toEqual(changed);
    expect(aside()).toEqual(['Coconut']);
    goBackTo('nowhere');
    expect(draft()).toEqual(changed);
  });

  it('edits, adds and leaves out ingredients', () => {
    const store = useDraft.getState();
    store.setIngredient(0, { state: 'brown' });
    store.addIngredient({ ingredientId: 'butter', amount: { g: 20 } });
    expect(draft().spec.ingredients).toMatchObject([
      { ingredientId: 'onion', state: 'brown' },
      { ingredientId: 'butter' },
    ]);
    store.removeIngredient(0);
    expect(draft().spec.ingredients).toMatchObject([{ ingredientId: 'butter' }]);
  });

  it('keeps half-typed amounts in the browser and sends them as typed', () => {
    useDraft.getState().setGrain({ text: '1 3/' });
    sendDraftNow();
    expect(localStorage.getItem('hammock.draft')).toContain('1 3/');
    expect(waiting().at(-1)).toMatchObject({
      method: 'PUT',
      body: { label: 'Pilaf', input: { grain: { text: '1 3/' } } },
    });
  });

  it('says that a pot is missing when there is none', () => {
    useDraft.getState().choose({ vesselId: null });
    expect(answer(input())).toMatchObject({ ok: false, error: [{ field: 'vessel', code: 'missing' }] });
  });

  it('takes up what the server has when that is newer, and what is here when it is not', async () => {
    const there = {
      id: 'p',
      label: 'From the laptop',
      dishId: null,
      bagId: null,
      vesselId: null,
      hobId: null,
      input: input(),
    };
    useDraft.setState({ unsent: false, stored: { planId: draft().planId, revision: 5, said: null } });
    network(() => ({ status: 200, body: [{ ...there, revision: 4 }] }));
    await useDraft.getState().load();
    expect(draft().label).toBe('Pilaf');
    network(() => ({ status: 200, body: [{ ...there, revision: 6 }] }));
    await useDraft.getState().load();
    expect(draft().label).toBe('From the laptop');
  });
});

describe('the kitchen store', () => {
  it('changes here first and writes to the server', () => {
    const store = useKitchen.getState();
    store.keep('bags', 'new', { grainId: 'millet', label: 'Millet', note: '', openedOn: null });
    store.keep('bags', 'bag-long', { grainId: 'longGrainWhite', label: 'Longer', note: '', openedOn: null });
    expect(useKitchen.getState().bags.map((b) => b.label)).toEqual(['Longer', 'Jasmine', 'Millet']);
    store.remove('bags', 'bag-jasmine');
    expect(useKitchen.getState().bags.map((b) => b.label)).toEqual(['Longer', 'Millet']);
    expect(waiting().map((l) => [l.method, l.path])).toEqual([
      ['PUT', '/api/bags/new'],
      ['PUT', '/api/bags/bag-long'],
      ['DELETE', '/api/bags/bag-jasmine'],
    ]);
  });

  it('does not let the server overwrite changes that are still on their way', async () => {
    useKitchen.getState().setHousehold({ altitudeM: 900 });
    useKitchen.getState().keep('bags', 'bag-long', { ...BAGS[0]!, label: 'Longer' });
    useKitchen.getState().remove('bags', 'bag-jasmine');
    network((method, path) => {
      if (method !== 'GET') return 'gone';
      if (path.endsWith('household')) return { status: 200, body: HOUSEHOLD };
      return { status: 200, body: path.endsWith('bags') ? BAGS : [] };
    });
    await useKitchen.getState().load();
    useKitchen
      .getState()
      .hear({ household: HOUSEHOLD, bags: BAGS.map((b) => ({ ...b, deletedAtMs: null })) });
    expect(useKitchen.getState().household.altitudeM).toBe(900);
    expect(useKitchen.getState().bags.map((b) => b.label)).toEqual(['Longer']);
  });

  it('keeps what others changed in a thing while it was being changed here, and asks where that cannot be', () => {
    const [seen] = DISHES;
    const there = { ...seen!, revision: 9, spec: { ...seen!.spec, soakMin: 20 }, deletedAtMs: null };
    const mine = { label: 'Pilaf', blurb: '', spec: { ...seen!.spec, toast: 'golden' as const } };
    useKitchen.getState().hear({ dishes: [there] });
    useKitchen.getState().keep('dishes', seen!.id, mine, seen);
    expect(useKitchen.getState().dishes[0]?.spec).toMatchObject({ soakMin: 20, toast: 'golden' });
    expect(waiting().at(-1)?.stands?.revision).toBe(9);

    const [bag] = BAGS;
    useKitchen.getState().hear({ bags: [{ ...bag!, label: 'Theirs', revision: 9, deletedAtMs: null }] });
    useKitchen.getState().keep('bags', bag!.id, { ...bag!, label: 'Mine' }, bag);
    // It stands on what was seen, so that the server finds the clash and the cook is asked.
    expect(waiting().at(-1)).toMatchObject({
      body: { label: 'Mine' },
      stands: { revision: 1, base: { label: 'Long' } },
    });
  });

  it('keeps changes in a dish standing on the dish as the plan was taken from it', () => {
    expect(draft().dishSeen?.id).toBe('dish-pilaf');
    useKitchen.getState().keep('dishes', 'own', { label: 'Own', blurb: '', spec: draft().spec });
    useDraft.getState().called('own', 'Own');
    expect(draft()).toMatchObject({ dishId: 'own', dishSeen: { id: 'own', label: 'Own' } });
  });

  it('loads everything the server has, or nothing', async () => {
    const lists: Record<string, unknown> = {
      household: HOUSEHOLD,
      bags: BAGS.slice(0, 1),
      vessels: VESSELS,
      hobs: HOBS,
      cups: CUPS,
      dishes: [],
      ingredients: [],
      methods: [],
      'steam-tests': [],
    };
    network((_m, path) => ({ status: 200, body: lists[path.replace('/api/', '')] }));
    await useKitchen.getState().load();
    expect(useKitchen.getState().bags).toHaveLength(1);
    network((_m, path) => (path.endsWith('cups') ? 'gone' : { status: 200, body: [] }));
    await useKitchen.getState().load();
    expect(useKitchen.getState().bags).toHaveLength(1);
    expect(useOutbox.getState().reachable).toBe(false);
  });

  it('takes back and makes again what was changed of the household, and leaves the rest of it', () => {
    const { setHousehold } = useKitchen.getState();
    const before = useKitchen.getState().household;
    setHousehold({ altitudeM: 1200 });
    useKitchen.setState({ household: { ...useKitchen.getState().household, roomC: 27 } });
    useUndo.getState().undo();
    expect(useKitchen.getState().household).toEqual({ ...before, roomC: 27 });
    expect(waiting().find((l) => l.key === 'kitchen/household')).toMatchObject({
      body: { altitudeM: before.altitudeM },
    });
    useUndo.getState().redo();
    expect(useKitchen.getState().household.altitudeM).toBe(1200);
  });

  it('measures with what it has', () => {
    expect(measuresOf(useKitchen.getState().cups)).toMatchObject([
      { label: 'cup' },
      { label: 'tbsp' },
      { label: 'jug', stepMl: 50 },
    ]);
  });
});

describe('cooks', () => {
  const begin = (): CookRecord => {
    expect(useCooks.getState().begin(draft(), input())).toBe(true);
    return useCooks.getState().active!;
  };

  it('begins with the answer of that moment, and not at all without one', () => {
    const cook = begin();
    expect(cook.advisedMl).toBe(cook.answer.pour.ml);
    expect(cook.cupId).toBe(CUPS.find((c) => c.kind === 'cup')!.id);
    expect(cook.answer.cautions.length).toBeGreaterThan(0);
    expect(useCooks.getState().begin(draft(), { ...input(), grainId: 'gravel' })).toBe(false);
  });

  it('keeps taps, pour and outcome here and on their way', () => {
    const { id } = begin();
    const store = useCooks.getState();
    store.tap('start', 'boil');
    store.tap('extend', 'boil', { minutes: 5 });
    store.setPoured(id, 640);
    store.judge(useCooks.getState().active!, { texture: 3, base: 'clean', note: '' });
    const active = useCooks.getState().active!;
    expect(active).toMatchObject({ pouredMl: 640, outcome: { texture: 3 } });
    expect(eventsOf(active)).toMatchObject([{ kind: 'start' }, { kind: 'extend', minutes: 5 }]);
    expect(waiting().map((l) => l.key.split('/')[0])).toEqual(['cook', 'tap', 'tap', 'said']);
    expect(waiting().at(-1)?.body).toEqual({
      pouredMl: 640,
      abandoned: false,
      outcome: { texture: 3, base: 'clean', note: '', counts: 'once', by: null, ate: null, helped: null },
    });
  });

  it('replays a pot as the server tells it whole like the same pot told tap by tap', () => {
    const cook = begin();
    const tap = { id: 'there', kind: 'start' as const, stageId: cook.answer.stages[0]!.id, atMs: 5, seq: 9 };
    const whole = { ...tap, cookId: cook.id, minutes: null, said: null };
    expect(eventsOf({ ...cook, events: [whole as never] })).toEqual(eventsOf({ ...cook, events: [tap] }));
  });

  it('gives a pot up without forgetting that it was', () => {
    begin();
    useCooks.getState().giveUp();
    expect(useCooks.getState().active).toBeNull();
    expect(waiting().at(-1)).toMatchObject({ method: 'PATCH', body: { abandoned: true } });
  });

  it('finds a pot begun on another device, and joins its taps with those made here', async () => {
    const cook = begin();
    useCooks.getState().tap('start', 'boil');
    const here = useCooks.getState().active!.events!;
    const elsewhere = { id: 'there', kind: 'extend' as const, stageId: 'boil', atMs: 1, minutes: 5 };
    const there = { ...cook, events: [elsewhere], pouredMl: 500 };
    network((_m, path) => ({ status: 200, body: path.includes('limit') ? [there] : there }));
    await useCooks.getState().loadActive();
    expect(useCooks.getState().active?.events).toEqual([elsewhere, ...here]);
    expect(useCooks.getState().active?.pouredMl).toBe(500);

    useCooks.setState({ active: null });
    network((_m, path) => ({ status: 200, body: path.includes('limit') ? [cook] : cook }));
    await useCooks.getState().loadActive();
    expect(useCooks.getState().active?.id).toBe(cook.id);
  });

  it('changes the page that is listed, lists a new one in its place, and leaves the others', async () => {
    const cook = begin();
    const { input: _i, answer: _a, events: _e, ...line } = cook;
    const older = { ...line, id: 'older', startedAtMs: line.startedAtMs - 1000, pouredMl: 300 };
    useCooks.setState({ active: null, recent: [line, older] });
    const newer = { ...line, id: 'newer', startedAtMs: line.startedAtMs + 1000, abandoned: true };
    const between = { ...line, id: 'between', startedAtMs: line.startedAtMs - 500, abandoned: true };
    await hearCooks({ cooks: [{ ...older, pouredMl: 450, abandoned: true }, newer, between], taps: [] });
    const { recent } = useCooks.getState();
    expect(recent?.map((c) => c.id)).toEqual(['newer', line.id, 'between', 'older']);
    expect(recent?.find((c) => c.id === 'older')?.pouredMl).toBe(450);
    expect(recent?.find((c) => c.id === line.id)?.pouredMl).toBeNull();
  });

  it('takes a pot that was given up elsewhere off this stove, and taps made elsewhere on', async () => {
    const cook = begin();
    const tap = { id: 'there', kind: 'start' as const, stageId: cook.answer.stages[0]!.id, atMs: 5, seq: 9 };
    await hearCooks({
      cooks: [],
      taps: [
        { ...tap, cookId: cook.id },
        { ...tap, id: 'x', cookId: 'other' },
      ],
    });
    expect(useCooks.getState().active?.events).toEqual([tap]);
    const { input: _input, answer: _answer, events: _events, ...line } = cook;
    await hearCooks({ cooks: [{ ...line, pouredMl: 610, revision: 4 }], taps: [] });
    expect(useCooks.getState().active).toMatchObject({ pouredMl: 610, revision: 4, events: [tap] });
    // What was said here and is on its way is newer than that.
    useCooks.getState().setPoured(cook.id, 650);
    await hearCooks({ cooks: [{ ...line, pouredMl: 620, revision: 5 }], taps: [] });
    expect(useCooks.getState().active?.pouredMl).toBe(650);
    const other = { ...line, id: 'elsewhere', abandoned: true, revision: 6 };
    useCooks.setState({ active: { ...cook, id: 'elsewhere' } });
    await hearCooks({ cooks: [other], taps: [] });
    expect(useCooks.getState().active).toBeNull();
  });

  describe('several pots', () => {
    const on = () => potsOn(useCooks.getState()).map((c) => c.id);

    it('puts a second pot beside the first, and shows whichever is asked for', () => {
      const one = begin();
      const two = begin();
      expect(on()).toEqual([two.id, one.id]);
      useCooks.getState().show(one.id);
      expect(on()).toEqual([one.id, two.id]);
      useCooks.getState().show('nowhere');
      expect(useCooks.getState().active?.id).toBe(one.id);
      // A tap on the other pot is the other's, and travels as its.
      useCooks.getState().tap('start', 'boil', {}, two.id);
      expect(useCooks.getState().active?.events).toEqual([]);
      expect(useCooks.getState().others[0]?.events).toMatchObject([{ kind: 'start' }]);
      expect(waiting().at(-1)?.path).toContain(`/api/cooks/${two.id}/events/`);
    });

    it('shows the next one when a pot is given up or written down, and never loses the first', () => {
      const one = begin();
      const two = begin();
      useCooks.getState().giveUp();
      expect(on()).toEqual([one.id]);
      void useCooks.getState().takeUpAgain(two.id);
      expect(on()).toEqual([two.id, one.id]);
      useCooks.getState().judge(useCooks.getState().active!, { texture: 3, base: 'clean', note: '' });
      useCooks.getState().putAway();
      expect(on()).toEqual([one.id]);
    });

    it('takes up every pot the household has on, and takes off what is over elsewhere', async () => {
      const one = begin();
      const two = { ...one, id: 'two', label: 'Second' };
      const old = { ...one, id: 'old', startedAtMs: Date.now() - 48 * 3600 * 1000 };
      network((_m, path) => ({
        status: 200,
        body: path.includes('limit') ? [two, one, old] : path.endsWith('two') ? two : one,
      }));
      await useCooks.getState().loadActive();
      expect(on()).toEqual([one.id, 'two']);
      const { input: _i, answer: _a, events: _e, ...line } = two;
      await hearCooks({
        cooks: [{ ...line, pouredMl: 300 }],
        taps: [{ id: 't', kind: 'start', stageId: 'boil', atMs: 5, cookId: 'two' }],
      });
      expect(useCooks.getState().others[0]).toMatchObject({ pouredMl: 300, events: [{ id: 't' }] });
      const outcome = { texture: 3 as const, base: 'clean' as const, note: '', atMs: 1 };
      await hearCooks({ cooks: [{ ...line, outcome }], taps: [] });
      expect(on()).toEqual([one.id]);
    });
  });

  it('names the tap an undo takes back, and the one each tap follows', () => {
    const { id, answer: found } = begin();
    const [first] = found.stages;
    useCooks.getState().tap('start', first!.id);
    useCooks.getState().tap('done', first!.id);
    useCooks.getState().tap('undo', first!.id);
    const [start, done, undo] = useCooks.getState().active!.events!;
    expect(done).toMatchObject({ followsId: start!.id });
    expect(undo).toMatchObject({ undoesId: done!.id, followsId: done!.id });
    const sent = waiting().find((l) => l.key === `tap/${undo!.id}`);
    expect(sent).toMatchObject({
      thread: `cook/${id}`,
      timed: true,
      body: { kind: 'undo', undoesId: done!.id },
    });
    expect(sent?.body).not.toHaveProperty('atMs');
  });

  it('does not take up a pot that was judged, given up or left a day ago', async () => {
    const cook = begin();
    for (const over of [
      { outcome: { texture: 3 } },
      { abandoned: true },
      { startedAtMs: Date.now() - 48 * 3600 * 1000 },
    ]) {
      useCooks.setState({ active: null });
      network(() => ({ status: 200, body: [{ ...cook, ...over }] }));
      await useCooks.getState().loadActive();
      expect(useCooks.getState().active).toBeNull();
    }
  });

  it('reads the notebook, and keeps the pages it had when nobody answers', async () => {
    const cook = begin();
    network(() => ({ status: 200, body: [cook] }));
    await useCooks.getState().loadRecent();
    network(() => 'gone');
    await useCooks.getState().loadRecent();
    expect(useCooks.getState().recent).toHaveLength(1);
    await soon();
  });
});
