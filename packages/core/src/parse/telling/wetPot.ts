import type { Sign } from '../../basics/method/stage.js';
import { DryPot, toastIn } from './dryPot.js';
import type { ToldAct } from '../words/told.js';
import { some } from './toldStage.js';

/** Minutes of an open boil from which it is a stage of its own. */
const OPEN_FROM_MIN = 1.5;
const SURFACE: ReadonlySet<Sign | undefined> = new Set<Sign | undefined>([
  'holes',
  'levelWithGrain',
  'absorbed',
]);
const OFF = /\boff\b|\b(?:rest|stand|sit)\b/iu;

/** What is done with the liquid in: boiling, covering, pressure, rest. */
export abstract class WetPot extends DryPot {
  protected whistles = 0;

  protected boil(act: ToldAct): void {
    const pours = act.things.filter((t) => this.line(t.line)?.pours === true && !this.apart.has(t.line));
    for (const p of pours) this.pours.add(p.line);
    if (act.grain) this.grainIn = true;
    if (this.running?.act === 'simmer' && act.things.length === 0) {
      this.words(act);
      return;
    }
    this.liquid(act);
    const timed = (act.minutes ?? 0) >= OPEN_FROM_MIN && act.lid !== 'on';
    if (timed || SURFACE.has(act.until?.sign)) {
      this.open(act);
      return;
    }
    if (this.running?.act === 'boil') {
      this.running.words.push(act.text);
      if (act.heat !== undefined) this.running.heat ??= act.heat;
    } else if (!this.boiled || this.stages.every((s) => s.act !== 'boil'))
      this.begin('boil', act, act.heat === undefined ? {} : { heat: act.heat });
    else this.words(act);
    this.boiled = true;
    this.put({ ...act, things: act.things.filter((t) => !pours.includes(t)) });
  }

  /** Boiling on without a lid, by minutes or by a look of the surface. */
  protected open(act: ToldAct): void {
    this.boiled = true;
    this.grainIn = true;
    const sign = SURFACE.has(act.until?.sign) ? act.until?.sign : undefined;
    const last = this.running;
    if (
      last &&
      /^(?:openBoil|boilDown)$/u.test(last.act) &&
      (last.minutes === undefined || sign !== undefined)
    ) {
      this.more(last, act);
      if (sign) Object.assign(last, { act: 'boilDown', sign });
    } else if (last?.act === 'boil' && last.words.length === 0)
      Object.assign(last, { act: sign ? 'boilDown' : 'openBoil' });
    else
      this.begin(sign ? 'boilDown' : 'openBoil', act, {
        ...some(act),
        lid: 'off',
        ...(sign ? { sign } : {}),
      });
    this.put(act);
  }

  protected cook(act: ToldAct): void {
    if (act.count !== undefined) {
      this.pressure(act);
      return;
    }
    if (!this.liquidIn) {
      if (act.lid !== undefined && act.lid !== 'off' && (this.grainIn || this.stages.length === 0))
        this.cover(act);
      else if (act.things.length > 0 || act.grain) {
        if (
          act.grain &&
          act.things.every((t) => this.line(t.line)?.isGrain === true) &&
          this.stages.length === 0
        )
          this.boilOrCover(act);
        else this.fry(act);
      } else if (this.running?.act === 'toast') this.more(this.running, act);
      else if (this.running?.act === 'base' && act.lid === undefined) this.goesOn(act);
      else if (this.stages.length === 0 || this.grainIn) this.boilOrCover(act);
      else this.goesOn(act);
      return;
    }
    if (
      this.running?.act === 'fork' &&
      act.heat === undefined &&
      act.lid === undefined &&
      act.minutes !== undefined
    ) {
      this.rest(act);
      return;
    }
    this.put(act);
    if (this.isPressure() && this.pressureUp) {
      this.pressure(act);
      return;
    }
    if (act.lid === 'off' || SURFACE.has(act.until?.sign)) {
      const isCovered = this.running?.act === 'simmer' && act.lid !== 'off';
      if (!isCovered && (act.lid === undefined || act.lid === 'off')) {
        this.open(act);
        return;
      }
    }
    const last = this.running;
    const isOpen = last && /^(?:openBoil|boilDown)$/u.test(last.act);
    if (isOpen && act.lid === undefined && last.minutes === undefined && last.heat === undefined)
      this.more(last, act);
    else if (isOpen && act.lid === undefined && this.coversLater(act))
      this.begin('openBoil', act, { ...some(act), lid: 'off' });
    else if (
      last?.act === 'boil' &&
      act.lid === undefined &&
      act.minutes === undefined &&
      (act.heat === 'medium' || act.heat === 'high' || act.heat === 'mediumHigh')
    )
      last.heat ??= act.heat;
    else this.cover(act);
  }

  /** True where something is poured, or the grain goes in, only after this. */
  protected poursLater = (act: ToldAct): boolean =>
    this.telling.acts
      .slice(this.telling.acts.indexOf(act) + 1)
      .some(
        (a) =>
          a.beside === undefined &&
          !a.negated &&
          (a.liquid || a.verb === 'boil' || (a.grain && /^(?:add|list|toast|stir|putBack)$/u.test(a.verb))),
      );

  /** True where the pot is covered only later: until then it is open. */
  protected coversLater = (act: ToldAct): boolean =>
    this.telling.acts
      .slice(this.telling.acts.indexOf(act) + 1)
      .some((a) => a.verb === 'cover' && a.beside === undefined && a.lid !== 'off');

  /** A first act on everything that is in: boiled or covered by what is said of it. */
  protected boilOrCover(act: ToldAct): void {
    this.liquid(act);
    this.grainIn = true;
    if (act.lid === 'off' || SURFACE.has(act.until?.sign)) this.open(act);
    else this.cover(act);
  }

  protected cover(act: ToldAct): void {
    if (
      !this.liquidIn &&
      !this.grainIn &&
      this.stages.length > 0 &&
      !this.isPressure() &&
      this.poursLater(act)
    ) {
      // "With the lid on" of a base that sweats.
      this.words(act);
      return;
    }
    if (this.isPressure()) {
      this.liquid();
      if (!this.pressureUp) this.pressureUp = true;
      if (act.minutes !== undefined && !this.off && !/\bslow\b/iu.test(act.text))
        this.plan.timing.pressureMin ??= act.minutes;
      this.words(act);
      return;
    }
    if (this.isCooker()) {
      this.liquid();
      if (this.off) this.rest(act);
      else this.words(act);
      return;
    }
    this.liquid();
    if (this.off && act.heat === undefined) {
      this.rest(act);
      return;
    }
    this.off = false;
    if (act.lid === 'off' && act.heat === undefined && act.minutes === undefined) {
      this.words(act);
      return;
    }
    const last = this.running;
    // Cooked open to the end, and closed with nothing said of the fire: it stands.
    if (
      last?.act === 'openBoil' &&
      act.heat === undefined &&
      act.minutes !== undefined &&
      (act.lid === 'cloth' || act.lid === 'foil') &&
      this.stages.filter((s) => s.act === 'openBoil').length > 1
    ) {
      this.rest(act);
      return;
    }
    const lid = act.lid ?? (last?.act === 'simmer' ? last.lid : undefined) ?? 'on';
    if (last?.act === 'simmer' && (last.minutes === undefined || act.minutes === undefined)) {
      if (act.text !== '') last.words.push(act.text);
      if (act.minutes !== undefined) last.minutes = act.minutes;
      if (act.heat !== undefined) last.heat = act.heat;
      if (act.lid !== undefined && act.lid !== 'on') last.lid = act.lid;
      if (act.spreader) last.spreader = true;
    } else {
      const before = this.stages.findLast((s) => s.act === 'simmer');
      this.begin('simmer', act.text === '' ? undefined : act, {
        ...some(act),
        ...(act.heat === undefined && before?.heat !== undefined ? { heat: before.heat } : {}),
        lid: act.lid ?? before?.lid ?? lid,
        ...(act.spreader ? { spreader: true as const } : {}),
      });
    }
    this.put(act);
  }

  protected heat(act: ToldAct): void {
    if (act.until?.sign === 'boilAllOver' && act.heat === undefined && !this.boiled) {
      this.boil(act);
      return;
    }
    if (!this.liquidIn) {
      this.words(act);
      return;
    }
    if (this.isCooker()) this.words(act);
    else if (act.heat === 'medium' || act.heat === 'high' || act.heat === 'mediumHigh') {
      if (act.minutes !== undefined || act.lid !== undefined) this.cook(act);
      else this.words(act);
    } else this.cover(act);
  }

  protected rest(act: ToldAct): void {
    if (!this.liquidIn) {
      if (/\b(?:sieve|colander)\b/iu.test(act.text)) {
        this.plan.drain = 'sieve';
        if (act.minutes !== undefined && act.minutes >= 5) this.plan.sieveMin = act.minutes;
        this.early.push(act.text);
      } else if (this.lastGrain && this.grainIn && toastIn(act.text) !== undefined)
        this.toast({ ...act, verb: 'toast' });
      else if (!this.grainIn && act.minutes !== undefined && this.stages.length > 0) this.goesOn(act);
      else this.words(act);
      return;
    }
    // "Lower the heat and leave it 9 minutes": that is the time of what was begun.
    const begun = this.running;
    if (
      act.verb === 'rest' &&
      begun?.act === 'simmer' &&
      begun.minutes === undefined &&
      act.minutes !== undefined &&
      !this.off &&
      !OFF.test(act.text)
    ) {
      this.more(begun, act);
      if (act.lid === 'off') Object.assign(begun, { act: 'openBoil', lid: 'off' });
      return;
    }
    const goesOn = act.heat !== undefined && act.heat !== 'off' && act.verb === 'rest';
    if (goesOn) {
      this.cover(act);
      return;
    }
    this.off = true;
    const last = this.running;
    if (last?.act === 'rest' && (last.minutes === undefined || act.minutes === undefined)) {
      last.words.push(act.text);
      if (act.minutes !== undefined) last.minutes = act.minutes;
      if (act.lid !== undefined) last.lid = act.lid;
    } else
      this.begin('rest', act, {
        ...(act.minutes === undefined ? {} : { minutes: act.minutes }),
        ...(act.lid === undefined ? {} : { lid: act.lid }),
      });
    this.put(act);
  }

  protected pressure(act: ToldAct): void {
    this.kind ??= act.count === undefined ? 'multiCooker' : 'pressureCooker';
    this.liquid();
    if (act.grain) this.grainIn = true;
    for (const t of act.things) if (this.line(t.line)?.pours) this.pours.add(t.line);
    if (act.count !== undefined) this.whistles += act.count;
    if (act.minutes !== undefined && !this.off && !/\bslow\b/iu.test(act.text))
      this.plan.timing.pressureMin = act.minutes;
    this.pressureUp = true;
    this.own('pressure', act, undefined);
  }
}
