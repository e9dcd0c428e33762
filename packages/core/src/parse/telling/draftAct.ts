import type { ToldAct, Verb } from '../words/told.js';

/** An act that is being read. */
export type DraftAct = { -readonly [K in keyof ToldAct]: ToldAct[K] };

/** An act of which nothing was read yet but its verb and its words. */
export const blank = (
  verb: Verb,
  { text, from, to }: { text: string; from: number; to: number },
): DraftAct => ({
  verb,
  text,
  from,
  to,
  negated: false,
  things: [],
  grain: false,
  all: false,
  liquid: false,
  hot: false,
});

/** A verb with nothing it is done to yet. */
export const isBare = (act: DraftAct): boolean =>
  /^(?:wash|soak|drain|prepare|fry|toast)$/u.test(act.verb) && act.text.split(/\s+/u).length <= 3;

/** More of one act: the later word of each kind stands where there was none. */
export function join(group: DraftAct, act: DraftAct): void {
  group.things = [...group.things, ...act.things];
  group.grain ||= act.grain;
  group.liquid ||= act.liquid;
  group.hot ||= act.hot;
  group.all ||= act.all;
  group.heat ??= act.heat as never;
  group.lid ??= act.lid as never;
  group.minutes ??= act.minutes as never;
  group.until ??= act.until as never;
  group.count ??= act.count as never;
  if (act.spreader) group.spreader = true;
  extend(group, act);
}

/** More words of one act. */
export function extend(group: DraftAct, act: DraftAct): void {
  group.text = `${group.text}, ${act.text}`;
  group.to = act.to;
}

/** Whether what a piece says can be of the act before: nothing of it was said yet. */
export const fits = (group: DraftAct, act: DraftAct): boolean =>
  (act.heat === undefined || group.heat === undefined) &&
  (act.lid === undefined ||
    group.lid === undefined ||
    group.lid === act.lid ||
    act.lid === 'foil' ||
    act.lid === 'cloth') &&
  (act.minutes === undefined || group.minutes === undefined) &&
  !(group.verb === 'rest' && act.heat !== undefined) &&
  !(group.verb === 'boil' && (act.heat === 'low' || act.heat === 'veryLow')) &&
  !(
    /^(?:turn|stir|taste|fork)$/u.test(group.verb) &&
    (act.minutes !== undefined || act.heat !== undefined)
  ) &&
  !(
    (group.verb === 'boil' || group.verb === 'add') &&
    (act.lid !== undefined ||
      (act.heat !== undefined && group.verb === 'add') ||
      (act.minutes !== undefined && group.verb === 'add'))
  );
