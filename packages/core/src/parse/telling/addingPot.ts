import { ingredientById } from '../../basics/larder/larder.js';
import { toastIn } from './dryPot.js';
import { isSpice } from './mentions.js';
import type { ToldAct } from '../words/told.js';
import { some } from './toldStage.js';
import { WetPot } from './wetPot.js';

/** Liquid that is boiled away into the base is none that the grain gets. */
const COOKS_DOWN = /\b(?:cooks?|boils?|reduces?|goes)\s+(?:it\s+)?down\b|\breduced?\b/iu;

/** What goes in: before the liquid to what fries, with the liquid, or later at the stage that runs. */
export abstract class AddingPot extends WetPot {
  /** Liquid that goes into the base and is cooked down with it. */
  private cookDown(act: ToldAct): void {
    if (this.running?.act === 'base') this.more(this.running, act);
    else this.begin('base', act, some(act));
    for (const { line } of act.things) {
      const isLiquid = this.line(line)?.pours === true;
      if (isLiquid) this.cookedDown.add(line);
      this.at.set(line, this.index());
      if (isLiquid) this.toState(line, 'mushy');
    }
  }

  protected add(act: ToldAct): void {
    if (COOKS_DOWN.test(act.text) && act.liquid && !this.liquidIn && !this.grainIn) {
      this.cookDown(act);
      return;
    }
    const pours = act.things.filter((t) => this.line(t.line)?.pours === true && !this.apart.has(t.line));
    const rest = act.things.filter((t) => !pours.includes(t) && this.line(t.line)?.isGrain !== true);
    const isPour =
      pours.length > 0 ||
      (act.liquid && act.verb !== 'words') ||
      (act.rule !== undefined && act.rule.kind !== 'less');
    const liquids =
      rest.some((t) =>
        /^(?:coconutMilk|liquid)$/u.test(ingredientById(this.line(t.line)?.id ?? '')?.behaves ?? ''),
      ) &&
      (act.grain || this.grainIn);
    for (const p of pours) this.pours.add(p.line);
    if (isPour || act.all || liquids) {
      if (act.grain || act.all) this.grainIn = true;
      this.liquid(act);
      if (act.all)
        for (const [n, l] of this.telling.lines.entries()) if (l.pours && !l.apart) this.pours.add(n);
      if (this.running?.act !== 'boil' && !this.boiled)
        this.begin('boil', act, act.heat === undefined ? {} : { heat: act.heat });
      else this.words(act);
      this.put({ ...act, things: rest });
      if (act.heat !== undefined && this.running && act.lid !== undefined) this.cover({ ...act, text: '' });
      else if (act.minutes !== undefined && (act.lid !== undefined || act.heat !== undefined))
        this.cook({ ...act, text: '', things: [] });
      return;
    }
    if (
      act.grain &&
      (act.things.some((t) => this.line(t.line)?.isGrain === true) ||
        act.verb === 'add' ||
        act.verb === 'putBack')
    ) {
      this.put({ ...act, things: rest });
      this.grain(act);
      return;
    }
    if (rest.length === 0) {
      this.goesOnAs(act);
      return;
    }
    if (!this.liquidIn) {
      const fat = rest.every((t) => isSpice(this.line(t.line)?.id ?? '') || this.isFat(t.line));
      const hasFat = this.stages.length > 0;
      const timed = act.minutes !== undefined || act.until?.state !== undefined;
      if (this.running?.act === 'warmFat' && fat) this.more(this.running, act);
      // What has to be fried is fried after the grain was toasted, where it is told so.
      else if (this.running?.act === 'toast' && rest.some((t) => this.isFried(t.line)))
        this.begin('base', act, some(act));
      else if (this.grainIn && this.running && !timed) this.more(this.running, act);
      else if (this.grainIn && !timed) this.words(act);
      else if (
        this.running?.act === 'base' &&
        !(timed && (this.hasState() || this.running.minutes !== undefined))
      )
        this.more(this.running, act);
      else if (hasFat || timed) this.begin('base', act, some(act));
      else if (rest.some((t) => this.isFat(t.line))) this.begin('warmFat', act, some(act));
      else this.words(act);
      if (this.running) {
        this.put({ ...act, things: rest });
        this.fried = rest.map((t) => t.line);
        this.oil(act);
      }
      return;
    }
    if (!this.lastMinutes(act)) this.goesOnAs(act);
    this.put({ ...act, things: rest });
  }

  /** "For the last 5 minutes": the covered time is parted there. */
  protected lastMinutes(act: ToldAct): boolean {
    const running = this.running;
    if (
      !/\blast\b/iu.test(act.text) ||
      act.minutes === undefined ||
      running?.minutes === undefined ||
      running.minutes <= act.minutes
    )
      return false;
    running.minutes -= act.minutes;
    const { heat, lid } = running;
    this.begin(running.act, act, {
      minutes: act.minutes,
      ...(heat === undefined ? {} : { heat }),
      ...(lid === undefined ? {} : { lid }),
    });
    return true;
  }

  /** Words that may say a heat, a lid, minutes besides. */
  protected goesOnAs(act: ToldAct): void {
    if (act.heat === undefined && act.minutes === undefined && act.lid === undefined) this.words(act);
    else if (
      this.liquidIn &&
      (act.minutes !== undefined || act.lid !== undefined) &&
      !/\blast\b/iu.test(act.text)
    )
      this.cook(act);
    else this.words(act);
  }

  protected stir(act: ToldAct): void {
    const isGrain = act.grain || (act.things.length === 0 && this.lastGrain);
    if (
      !this.liquidIn &&
      isGrain &&
      (act.minutes !== undefined || toastIn(act.text) !== undefined || act.grain)
    )
      this.toast(act);
    else if (!this.liquidIn && act.things.length > 0) this.add(act);
    else if (!this.liquidIn && act.minutes !== undefined) this.goesOn(act);
    else this.words(act);
  }
}
