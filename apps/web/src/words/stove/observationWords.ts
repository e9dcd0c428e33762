import type { LidState, PotBelief, Tap } from '@hammock/core';
import type { Helped, ObservationKind } from '@hammock/core/records';
import { inAHundred, SEEN } from './potWords.js';
import { HEAT, LID } from '../words.js';

/** What is seen, tasted, smelt and set, in the words of its buttons. */
export const OBSERVATION_WORDS: Readonly<Partial<Record<ObservationKind, Readonly<Record<string, string>>>>> =
  {
    looked: { soup: 'a soup', wet: 'just over it', level: 'level', holes: 'holes', dry: 'dry' },
    tasted: { hard: 'hard', nearly: 'nearly', done: 'done', soft: 'soft' },
    sign: { boil: 'boils all over', holes: 'holes', whistle: 'a whistle', flip: 'flipped' },
    smells: { toasty: 'toasty', burnt: 'burnt' },
    found: {
      wetTop: 'wet on top, done inside',
      lumps: 'stuck in lumps',
      hardTop: 'hard on top, done below',
      hardBelow: 'hard below, done on top',
    },
    steam: { none: 'none', weak: 'weak', strong: 'strong' },
    base: {
      pale: 'still pale',
      golden: 'golden',
      brown: 'brown',
      sticks: 'sticking',
      oilRises: 'oil at the edge',
    },
    heat: HEAT,
    lid: LID,
  };

/** What a saying is called, before its word or its amount. */
export const OBSERVATION_NAME: Readonly<Record<ObservationKind, string>> = {
  looked: 'Looked',
  tasted: 'Tasted',
  sign: 'Now',
  splash: 'Put in',
  ladled: 'Ladled out',
  heat: 'Ring',
  lid: 'Lid',
  lidUp: 'Lid up',
  stirred: 'Stirred',
  smells: 'Smells',
  found: 'Found',
  steam: 'Steam',
  base: 'The base',
  boiledOver: 'Boiled over',
  weighs: 'Weighs',
  reads: 'Reads',
  pause: 'Stands off the heat',
  resume: 'Goes on',
  hands: 'Stirring now',
  note: 'Note',
};

const UNIT: Readonly<Partial<Record<Tap['kind'], string>>> = {
  weighs: 'g',
  reads: '°C',
  lidUp: 'min',
};

/** One thing that was said: "Looked: level", "Put in 3 tbsp". */
export function observationText({ kind, said, amount }: Tap, ml: (n: number) => string): string {
  const name = OBSERVATION_NAME[kind as ObservationKind];
  if (kind === 'note') return said ?? '';
  const unit = UNIT[kind];
  if (said !== undefined) {
    const word = OBSERVATION_WORDS[kind as ObservationKind]?.[said] ?? OBSERVATION_WORDS.heat?.[said] ?? said;
    // A ring, or an open lid, may be set for so many minutes.
    return `${name}: ${word}${amount === undefined ? '' : `, ${amount.toString()} min`}`;
  }
  if (amount === undefined) return name;
  return unit === undefined ? `${name} ${ml(amount)}` : `${name} ${amount.toString()} ${unit}`;
}

/** What to do, as one sentence; undefined where nothing is to be done. */
export function rescueText(act: PotBelief['act'], ml: (n: number) => string): string | undefined {
  switch (act.kind) {
    case 'none':
      return undefined;
    case 'longer':
      return act.heat === undefined
        ? `Give it ${act.minutes.toString()} min more as it is.`
        : `Give it ${act.minutes.toString()} min more, ring on ${HEAT[act.heat]}.`;
    case 'backOn':
      return `Back on low, lid on, ${act.minutes.toString()} min.`;
    case 'cookAgain':
      return 'Press cook again, and let it rest after that.';
    case 'ring':
      return `Turn the ring to ${HEAT[act.heat]}.`;
    case 'lid':
      return LID_SET[act.lid] ?? `Lid: ${LID[act.lid]}.`;
    case 'fold':
      return 'Fold it once from the side with a fork, lid back on.';
    case 'serveTop':
      return 'The bottom has caught. Lift the good grain out and serve that. Do not scrape.';
    case 'offNow':
      return 'Off the heat now, lid on: let it rest.';
    case 'splash':
      return `${ml(act.ml)} hot round the edge, lid on, ${act.minutes.toString()} min.${act.moreThanKept ? ' That is more than stands by: heat it first.' : ''}`;
    case 'open':
      return `Lid off, ${act.lively ? 'medium-high' : 'low'}, ${act.minutes.toString()} min. Do not stir.`;
    case 'lost':
      return LOST[act.as];
  }
}

const LID_SET: Readonly<Partial<Record<LidState, string>>> = {
  ajar: 'Leave the lid ajar from now on.',
  cloth: 'Put a clean cloth under the lid.',
};

const LOST: Readonly<Record<'soft' | 'hard', string>> = {
  soft: 'Past saving as it was meant. Serve it soft: with more liquid it is a porridge, pressed and fried a cake.',
  hard: 'Past saving in this pot. Boil the grain on in plenty of water, and drain it.',
};

/** How it ends, left alone and with the act. */
export function chanceText({ act, leftAlone, then }: PotBelief): string {
  // What has caught is parted from what is served: no share of whole pots speaks of it.
  if (act.kind === 'serveTop') return '';
  const alone = `Left alone ${inAHundred(leftAlone.asWanted)} in 100 such pots would end as you want them`;
  if (act.kind === 'none' || act.kind === 'lost' || act.kind === 'fold') return `${alone}.`;
  return `${alone}; with this ${inAHundred(then.asWanted)}.`;
}

/** What is foretold of the bottom, as a forecast; empty where nothing is, or it is told as what is so. */
export function bottomText({ act, bottom: { catchesInMin } }: PotBelief): string {
  if (catchesInMin === undefined || act.kind === 'serveTop') return '';
  return catchesInMin === 0
    ? 'The bottom may be catching now: smell for it.'
    : `As it is, the bottom may catch in about ${catchesInMin.toString()} min.`;
}

/** What comes next by itself: how long this stage still takes, and what its end shows. */
export function nextText({ act, leftMin: { least, most }, expect }: PotBelief): string {
  if (act.kind !== 'none' && act.kind !== 'longer') return '';
  const [from, to] = [Math.round(least), Math.round(most)];
  const minutes = from === to ? `in ${to.toString()} min` : `in ${from.toString()} to ${to.toString()} min`;
  return most < 0.5 ? '' : `At the end of this stage, ${minutes}: ${SEEN[expect]}.`;
}

/** What was done to a pot on its way. */
export const HELPED_WORDS: Readonly<Record<Helped, string>> = {
  splash: 'the splash',
  ladled: 'ladling out',
  open: 'the lid off',
  longer: 'the minutes more',
  turnedDown: 'another ring',
  putBackOn: 'putting it back on',
};
