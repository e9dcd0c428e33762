import type { Act, Stage, StageEnd } from '../../basics/method/stage.js';
import { isWet } from '../../basics/method/stage.js';
import type { ToldPlan, ToldStage } from './toldPlan.js';

/** The stages of a pot with the telling's words, and where each told stage stands. */
export interface Laid {
  readonly stages: readonly Stage[];
  /** Id of the stage of each told one. */
  readonly ids: readonly (string | undefined)[];
}

const PRE: ReadonlySet<Act> = new Set<Act>(['marinate', 'steep', 'warmFat', 'base', 'toast']);
/** Methods whose stages hang together: only what is told before the liquid replaces theirs. */
const WHOLE: ReadonlySet<string | undefined> = new Set([
  'pressureCooker',
  'multiCooker',
  'riceCooker',
  'stewSteam',
  'fryDry',
  'absorbButter',
]);
const EXTRAS: ReadonlySet<Act> = new Set<Act>(['fork', 'taste', 'spicesOut', 'turnOut']);
/** Where words about an act stand when the method calls it otherwise. */
const ALSO: Readonly<Partial<Record<Act, readonly Act[]>>> = {
  boil: ['pressureUp', 'cook', 'boilDown', 'openBoil', 'fryDry', 'simmer'],
  grain: ['boil', 'pressureUp', 'cook'],
  openBoil: ['boilDown', 'boil', 'cook'],
  boilDown: ['openBoil', 'boil', 'cook'],
  cook: ['pressureUp', 'boil', 'simmer'],
  simmer: ['steam', 'pressure', 'cook'],
  turn: ['turn', 'simmer'],
  pressure: ['pressure', 'pressureUp', 'simmer'],
  rest: ['rest', 'release', 'steam', 'simmer'],
  release: ['release', 'rest'],
  toast: ['base', 'fryDry', 'warmFat'],
};
/** What there is room for at one stage, characters. */
const MOST_WORDS = 280;

interface Draft {
  stage: Stage;
  words: string[];
  told?: number;
}

/**
 * The method's own stages with what was told in their place, in the order it was told.
 * @param told the telling, resolved
 * @param template stages of the method, with the times that were told
 * @param whole true where the method's stages hang together, and what was told is only written at them
 * @returns stages with the cook's words as notes; each told stage's id, undefined where its words stand at another one's
 */
export function layStages(told: ToldPlan, template: readonly Stage[], whole = WHOLE.has(told.method)): Laid {
  const drafts = whole ? ofMethod(told, template) : asTold(told, template);
  const ids = uniqueIds(drafts);
  const withIds = drafts.map((d, i) => ({ ...d, stage: { ...d.stage, id: ids[i] ?? d.stage.id } }));
  const [first] = withIds;
  if (first) first.words.unshift(...told.early);
  const at = told.stages.map((_s, n) => withIds.find((d) => d.told === n)?.stage.id);
  if (whole)
    for (const [n, s] of told.stages.entries()) {
      if (at[n] !== undefined) continue;
      const home =
        [s.act, ...(ALSO[s.act] ?? [])]
          .map((a) => withIds.find((d) => d.stage.act === a))
          .find((d) => d !== undefined) ?? withIds.at(-1);
      home?.words.push(...s.words);
      at[n] = home?.stage.id;
    }
  return { stages: noted(withIds), ids: at };
}

/** Told stages before the liquid, with those of the method that were not told. */
function before(told: ToldPlan, template: readonly Stage[]): Draft[] {
  const first = template.findIndex((s) => isWet(s.act) || s.act === 'fryDry');
  const own = template.slice(0, Math.max(0, first));
  const pre: Draft[] = told.stages.flatMap((s, n) =>
    PRE.has(s.act) ? [{ stage: filled(s, template, told), words: [...s.words], told: n }] : [],
  );
  const has = (act: Act): boolean => pre.some((d) => d.stage.act === act);
  const missing = (act: Act): Draft[] =>
    own.filter((s) => s.act === act && !has(act)).map((stage) => ({ stage, words: [] }));
  const cut = pre.findIndex((d) => d.stage.act !== 'marinate' && d.stage.act !== 'steep');
  const [head, tail] = cut < 0 ? [pre, []] : [pre.slice(0, cut), pre.slice(cut)];
  const prep = own
    .filter((s) => s.act === 'soak' || s.act === 'drain')
    .map((stage): Draft => ({ stage, words: [] }));
  return [...head, ...prep, ...missing('warmFat'), ...missing('base'), ...tail, ...missing('toast')];
}

function ofMethod(told: ToldPlan, template: readonly Stage[]): Draft[] {
  const first = template.findIndex((s) => isWet(s.act) || s.act === 'fryDry');
  const wet = template.slice(Math.max(0, first)).map((stage): Draft => ({ stage, words: [] }));
  for (const [n, s] of told.stages.entries()) {
    if (s.act === 'rest' || s.act === 'release') {
      const home =
        wet.find((d) => d.stage.act === s.act) ??
        (s.act === 'rest' ? undefined : wet.find((d) => d.stage.act === 'release'));
      if (home) Object.assign(home, { told: n, words: [...s.words], stage: withEnd(home.stage, s) });
    }
    if (EXTRAS.has(s.act) && s.act !== 'taste')
      wet.push({ stage: filled(s, template, told), words: [...s.words], told: n });
  }
  return [...before(told, template), ...wet];
}

const withEnd = (stage: Stage, { minutes, lid }: ToldStage): Stage => ({
  ...stage,
  ...(lid === undefined || stage.lid === 'pressure' ? {} : { lid }),
  ...(minutes === undefined
    ? {}
    : {
        end:
          stage.end.kind === 'minutes' ? { kind: 'minutes', minutes } : { ...stage.end, expectMin: minutes },
      }),
});

function asTold(told: ToldPlan, template: readonly Stage[]): Draft[] {
  const wet: Draft[] = told.stages.flatMap((s, n) =>
    PRE.has(s.act) ? [] : [{ stage: filled(s, template, told), words: [...s.words], told: n }],
  );
  const of = (act: Act): Stage | undefined => template.find((s) => s.act === act);
  const has = (...acts: Act[]): boolean => wet.some((d) => acts.includes(d.stage.act));
  if (!has('boil')) {
    const boil = of('boil');
    if (boil) wet.unshift({ stage: boil, words: [] });
  }
  // What joins a pot that boils is said to go in there; without a boil before it there is nothing to join.
  if (wet[0]?.stage.act !== 'boil') {
    const at = wet.findIndex((d) => d.stage.act === 'boil');
    const [boil] = at < 0 ? [] : wet.splice(at, 1);
    if (boil) wet.unshift(boil);
  }
  const grain = of('grain');
  if (told.method === 'liquidFirst' && grain && !has('grain')) wet.splice(1, 0, { stage: grain, words: [] });
  if (!has('boilDown')) {
    const down = of('boilDown');
    if (down) wet.splice(1, 0, { stage: down, words: [] });
  }
  if (!has('simmer', 'steam') && !endsOpen(wet)) {
    const covered = of('simmer') ?? of('steam');
    const at = wet.findLastIndex((d) => /^(?:boil|openBoil|boilDown|grain)$/u.test(d.stage.act));
    if (covered) wet.splice(at + 1, 0, { stage: covered, words: [] });
  }
  if (!has('rest')) {
    const rest = of('rest');
    const at = wet.findLastIndex((d) => !EXTRAS.has(d.stage.act));
    if (rest) wet.splice(at + 1, 0, { stage: rest, words: [] });
  }
  return [...before(told, template), ...wet];
}

/** Cooked open to the end: two open stages and no lid. */
const endsOpen = (wet: readonly Draft[]): boolean =>
  wet.filter((d) => /^(?:openBoil|boilDown)$/u.test(d.stage.act)).length > 1;

/** Minutes of a base that was told neither a look nor minutes, and stands beside another. */
const SECOND_BASE_MIN = 3;

/** A told stage with what the method says where nothing was told. */
function filled(s: ToldStage, template: readonly Stage[], told: ToldPlan): Stage {
  const like =
    template.find((t) => t.act === s.act) ??
    (s.act === 'simmer' ? template.find((t) => t.act === 'steam') : undefined);
  const heat = s.heat ?? like?.heat ?? HEAT[s.act] ?? 'off';
  const lid =
    s.lid ?? (s.act === 'simmer' ? (like?.lid ?? 'on') : (like?.lid ?? (s.act === 'rest' ? 'on' : 'off')));
  const spreader = s.spreader ?? like?.spreader;
  // After an open boil a method steams what the cook calls covered.
  const act = s.act === 'simmer' && like ? like.act : s.act;
  return { id: act, act, heat, lid, end: endOf(s, like, told), ...(spreader ? { spreader } : {}) };
}

const HEAT: Readonly<Partial<Record<Act, Stage['heat']>>> = {
  warmFat: 'medium',
  base: 'medium',
  toast: 'medium',
  boil: 'high',
  grain: 'high',
  openBoil: 'mediumHigh',
  boilDown: 'mediumHigh',
  simmer: 'low',
  turn: 'veryLow',
  taste: 'high',
};

function endOf(s: ToldStage, like: Stage | undefined, told: ToldPlan): StageEnd {
  const usual = like ? (like.end.kind === 'minutes' ? like.end.minutes : like.end.expectMin) : undefined;
  const seen = (sign: NonNullable<ToldStage['sign']>, min: number): StageEnd => ({
    kind: 'sign',
    sign: s.sign ?? sign,
    expectMin: s.minutes ?? min,
  });
  const bases = told.stages.filter((t) => t.act === 'base').length;
  const lasts = (min: number): StageEnd => ({ kind: 'minutes', minutes: s.minutes ?? usual ?? min });
  const baseSign = like?.end.kind === 'sign' && bases === 1 ? like.end.sign : 'baseReady';
  const ends: Partial<Record<Act, () => StageEnd>> = {
    warmFat: () => seen('fatShimmers', usual ?? 2),
    base: () => seen(baseSign, bases > 1 ? SECOND_BASE_MIN : (usual ?? 5)),
    toast: () => seen('grainColour', usual ?? 2),
    boil: () => ({ kind: 'sign', sign: 'boilAllOver', expectMin: usual ?? 6 }),
    grain: () => ({ kind: 'sign', sign: 'boilAllOver', expectMin: 1 }),
    boilDown: () => seen('holes', usual ?? 7),
    simmer: () => lasts(15),
    rest: () => lasts(5),
  };
  return (ends[s.act] ?? (() => lasts(1)))();
}

/** Ids that are no two alike: the act, and a number from the second on. */
function uniqueIds(drafts: readonly Draft[]): readonly string[] {
  const times = new Map<string, number>();
  return drafts.map(({ stage }) => {
    const n = (times.get(stage.act) ?? 0) + 1;
    times.set(stage.act, n);
    return n === 1 ? stage.act : `${stage.act}${n.toString()}`;
  });
}

/** Each stage with its words, a sentence an act; what there is no room for stands at the next. */
function noted(drafts: readonly Draft[]): readonly Stage[] {
  let over: string[] = [];
  return drafts.map(({ stage, words }, i) => {
    let note = '';
    const rest: string[] = [];
    for (const text of [...over, ...words]) {
      const next = note === '' ? sentence(text) : `${note} ${sentence(text)}`;
      if (next.length <= MOST_WORDS && rest.length === 0) note = next;
      else rest.push(text);
    }
    over = rest;
    // The last one keeps all of it.
    if (i === drafts.length - 1 && rest.length > 0) note = [note, ...rest.map(sentence)].join(' ');
    return note === '' ? stage : { ...stage, note };
  });
}

const sentence = (text: string): string =>
  `${text.charAt(0).toUpperCase()}${text.slice(1).replace(/[.,;:\s]+$/u, '')}.`;
