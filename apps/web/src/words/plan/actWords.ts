import type { PourRule, Telling, ToldAct, Verb } from '@hammock/core';
import { whole } from '../measures/numbers.js';
import { HEAT, LID, STATE } from '../words.js';

/** What is done, as the reading says it back. */
export const VERB: Readonly<Record<Verb, string>> = {
  wash: 'Wash',
  soak: 'Soak',
  drain: 'Drain',
  marinate: 'Marinate',
  prepare: 'Make ready',
  fry: 'Fry',
  toast: 'Toast',
  add: 'Put in',
  boil: 'Boil',
  cook: 'Cook on',
  cover: 'Cover',
  heat: 'Turn the heat',
  pressure: 'Under pressure',
  release: 'Let the pressure fall',
  switch: 'Switch it on',
  stir: 'Stir',
  turn: 'Turn over',
  off: 'Off the heat',
  rest: 'Leave it',
  fork: 'Fork through',
  taste: 'Taste',
  liftOut: 'Lift out',
  putBack: 'Put back',
  spicesOut: 'Spices out',
  turnOut: 'Turn out',
  serve: 'Serve',
  list: 'Goes in',
  words: 'Just words',
};

/** What of an act was understood besides its things, a few words each. */
export function actWords(act: ToldAct): readonly string[] {
  const { heat, lid, minutes, until, count, beside, hot, spreader, rule } = act;
  const said: (string | false | undefined)[] = [
    rule && ruleWords(rule),
    hot && 'hot',
    heat !== undefined && HEAT[heat],
    lid !== undefined && LID[lid],
    spreader && 'over a flat pan',
    count !== undefined &&
      act.verb === 'pressure' &&
      `${count.toString()} ${count === 1 ? 'whistle' : 'whistles'}`,
    minutes !== undefined && `${whole(minutes)} min`,
    until?.state !== undefined && STATE[until.state],
    beside !== undefined && 'beside, not in this pot',
  ];
  return said.filter((s): s is string => typeof s === 'string');
}

const LEVELS = {
  finger: 'fingers',
  joint: 'finger joint',
  halfInch: 'half an inch',
  corners: 'just to the corners',
} as const;

/** The cook's own way to measure the pour. */
function ruleWords(rule: PourRule): string {
  if (rule.kind === 'ratio')
    return `${(Math.round(rule.ratio * 100) / 100).toString()} of liquid to 1 of grain${rule.moreMl === undefined ? '' : `, and ${whole(rule.moreMl)} ml more`}`;
  if (rule.kind === 'ml') return `${whole(rule.ml)} ml in all`;
  if (rule.kind === 'less') return `${whole(rule.ml)} ml less`;
  if (rule.kind === 'mm') return `${whole(rule.mm)} mm over the grain`;
  if (rule.by === 'halfInch' || rule.by === 'corners') return LEVELS[rule.by];
  const times = rule.times === 1 ? 'one' : rule.times.toString();
  return `${times} ${rule.times === 1 ? LEVELS[rule.by].replace(/s$/u, '') : LEVELS[rule.by]} over the grain`;
}

/** True where an act tells something that is computed. */
export const isUnderstood = (act: ToldAct, { lines }: Telling): boolean =>
  act.verb !== 'words' || act.things.some(({ line }) => lines[line]?.id !== undefined);
