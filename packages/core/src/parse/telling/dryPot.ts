import { ingredientById } from '../../basics/larder/larder.js';
import type { Toast } from '../../basics/method/methods.js';
import { isSpice } from './mentions.js';
import { PotSoFar } from './potSoFar.js';
import type { ToldAct } from '../words/told.js';
import { some } from './toldStage.js';

const TOASTED: readonly (readonly [RegExp, Toast])[] = [
  [/golden|biscuit|nutty|light brown|straw|toasty|brown/iu, 'golden'],
  [/opaque|white|chalky/iu, 'opaque'],
  [/gloss|\bshin|glisten|\boiled/iu, 'glossy'],
  [/coat/iu, 'coated'],
];
/** The colour of toasted grain that words say. */
export const toastIn = (text: string): Toast | undefined =>
  TOASTED.find(([w]) => w.test(text.replace(/\bnot\s+\w+/giu, ' ')))?.[1];
const toastBy = (minutes: number): Toast => (minutes < 3 ? 'glossy' : minutes < 5 ? 'opaque' : 'golden');

/** What is done before the liquid: frying, toasting, the grain going in. */
export abstract class DryPot extends PotSoFar {
  protected fry(act: ToldAct): void {
    if (this.liquidIn) {
      this.put(act);
      this.words(act);
      return;
    }
    const things = act.things.map((t) => t.line).filter((n) => this.line(n)?.isGrain !== true);
    if (act.grain && (things.length === 0 || act.verb === 'toast')) {
      this.toast(act);
      return;
    }
    if (things.length === 0 && !act.grain) {
      if (this.lastGrain) this.toast(act);
      else this.goesOn(act);
      return;
    }
    const isFat = things.every(
      (n) => this.isFat(n) || isSpice(this.line(n)?.id ?? '') || this.line(n)?.id === 'curryLeaves',
    );
    const hasBase = this.stages.some((s) => s.act === 'base');
    if (isFat && !hasBase) {
      if (this.running?.act === 'warmFat') this.more(this.running, act);
      else this.begin('warmFat', act, some(act));
    } else if (
      this.running?.act === 'base' &&
      ((act.things.every((t) => this.at.get(t.line) === this.index()) && !this.isOfOthers(act)) ||
        (this.running.minutes === undefined && !this.hasState()))
    )
      this.more(this.running, act);
    else {
      // What was just put to a base that has its look is fried on by itself.
      for (const { line } of act.things) if (this.at.get(line) === this.index()) this.at.delete(line);
      this.begin('base', act, some(act));
    }
    this.put(act);
    if (act.grain) this.grain(act);
    this.fried = things;
    this.oil(act);
  }

  /** True where the base that runs has its look already by what this act does not speak of. */
  protected isOfOthers(act: ToldAct): boolean {
    if (act.minutes === undefined && act.until?.state === undefined) return false;
    const own = new Set(act.things.map((t) => t.line));
    return [...this.at].some(([line, n]) => n === this.index() && this.states.has(line) && !own.has(line));
  }

  /** When the oil rises it has left the whole base. */
  protected oil(act: ToldAct): void {
    if (act.until?.state !== 'oilSeparated') return;
    if (this.running) this.running.sign = 'oilRising';
    for (const [line, n] of this.at) {
      const row = ingredientById(this.line(line)?.id ?? '');
      if (
        row &&
        this.stages[n]?.act === 'base' &&
        /^(?:smoothTomato|tomato|softVegetable|cultured|coconutMilk)$/u.test(row.behaves)
      )
        this.toState(line, 'oilSeparated');
    }
  }

  /** "Fry until golden", "cook 3 minutes more": what is in there goes on. */
  protected goesOn(act: ToldAct): void {
    if (this.running?.act !== 'base') {
      if (
        this.running?.act === 'warmFat' &&
        this.last.some((n) => !this.isFat(n) && !isSpice(this.line(n)?.id ?? ''))
      ) {
        this.begin('base', act, some(act));
        for (const n of this.last) if (!this.isFat(n)) this.at.set(n, this.index());
      } else if (this.running?.act === 'warmFat') this.more(this.running, act);
      else this.begin('base', act, some(act));
    } else this.more(this.running, act);
    const { state } = act.until ?? {};
    const last = this.last.filter((n) => this.line(n)?.isGrain !== true);
    if (state) for (const n of last.length > 0 ? last : this.fried) this.toState(n, state);
    this.oil(act);
  }

  protected toast(act: ToldAct): void {
    if (this.liquidIn) {
      this.words(act);
      return;
    }
    const told =
      toastIn(act.until?.text ?? act.text) ??
      (act.minutes === undefined ? (act.verb === 'stir' ? undefined : 'glossy') : toastBy(act.minutes));
    if (told) this.plan.toast = told;
    if (told && this.running?.act !== 'toast') this.begin('toast', act, some(act));
    else if (this.running) this.more(this.running, act);
    else this.early.push(act.text);
    this.grainIn = true;
    this.lastGrain = true;
    for (const t of act.things) if (this.line(t.line)?.isGrain !== true) this.joins(t.line, act);
  }

  /** The grain goes in. */
  protected grain(act: ToldAct): void {
    const toasts =
      !this.liquidIn &&
      (act.minutes !== undefined || toastIn(act.text) !== undefined) &&
      this.running !== undefined;
    if (toasts) {
      this.toast(act);
      return;
    }
    if (this.liquidIn && !this.grainIn && !this.isCooker()) this.begin('grain', act);
    else this.words(act);
    this.grainIn = true;
  }
}
