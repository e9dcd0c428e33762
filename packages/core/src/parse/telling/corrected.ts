import type { HeatSetting } from '../../basics/heat/equipment.js';
import type { Stage } from '../../basics/method/stage.js';
import { parseLine, type LineOptions } from '../line/parseLine.js';
import type { Telling } from './readTelling.js';
import type { ToldAct, Verb } from '../words/told.js';

/** What the cook says an act is, where it was heard otherwise; what is left out stands as it was heard. */
export interface ActFix {
  readonly verb?: Verb;
  /** `null` where none was said. */
  readonly heat?: HeatSetting | null;
  readonly lid?: Stage['lid'] | null;
  readonly minutes?: number | null;
  /** Whether it is made in another vessel, or in the pot. */
  readonly beside?: boolean;
  /** What words of it are that nothing was made of: the row each means, and how much of it where that was said. */
  readonly named?: Readonly<Record<string, { readonly id: string; readonly amount?: string }>>;
}

/**
 * A name for each act that holds while other sentences change: its words, and which of several alike it is.
 * @example actKeys(readTelling('Stir. Stir.').acts) // ['Stir', 'Stir#2']
 */
export function actKeys(acts: readonly ToldAct[]): readonly string[] {
  const times = new Map<string, number>();
  return acts.map(({ text }) => {
    const n = (times.get(text) ?? 0) + 1;
    times.set(text, n);
    return n === 1 ? text : `${text}#${n.toString()}`;
  });
}

/**
 * The telling as the cook has put it right: each fix by the key of its act; a fix of an act that is gone changes nothing.
 * @example corrected(readTelling('2 cups basmati'), {}).lines.length // 1
 */
export function corrected(
  telling: Telling,
  fixes: Readonly<Record<string, ActFix>>,
  options: LineOptions = {},
): Telling {
  const keys = actKeys(telling.acts);
  const lines = [...telling.lines];
  const acts = telling.acts.map((act, i): ToldAct => {
    const fix = fixes[keys[i] ?? ''];
    if (!fix) return act;
    const { heat, lid, minutes, beside, ...rest } = act;
    const things = [...act.things];
    for (const [word, { id, amount = '' }] of Object.entries(fix.named ?? {})) {
      const line = parseLine(`${amount} ${word}`.trim(), { ...options, as: id });
      things.push({ line: lines.length, isNew: true });
      lines.push({ ...line, said: act.text, named: word });
    }
    const at = fix.beside === undefined ? beside : fix.beside ? (beside ?? 'beside') : undefined;
    if (fix.beside !== undefined)
      for (const { line, isNew } of act.things) {
        const thing = lines[line];
        if (!thing || !isNew) continue;
        const { apart: _apart, ...bare } = thing;
        lines[line] = fix.beside ? { ...bare, apart: true } : bare;
      }
    return {
      ...rest,
      things,
      // Words that name a thing put it in.
      verb: fix.verb ?? (act.verb === 'words' && things.length > act.things.length ? 'add' : act.verb),
      // What the cook says is done is done.
      negated: fix.verb === undefined && act.negated,
      ...field('heat', fix.heat, heat),
      ...field('lid', fix.lid, lid),
      ...field('minutes', fix.minutes, minutes),
      ...(at === undefined ? {} : { beside: at }),
    };
  });
  return { ...telling, lines, acts };
}

/** A field as it was put right, gone where the cook said none, as it was heard otherwise. */
function field<K extends string, V>(
  key: K,
  fix: V | null | undefined,
  heard: V | undefined,
): Readonly<Partial<Record<K, V>>> {
  const value = fix === undefined ? heard : fix;
  return (value === null || value === undefined ? {} : { [key]: value }) as Readonly<Partial<Record<K, V>>>;
}
