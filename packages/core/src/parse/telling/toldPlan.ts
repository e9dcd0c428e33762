import { ingredientById, statesOf } from '../../basics/larder/larder.js';
import { soakedFor } from '../../basics/larder/pulseSoak.js';
import type { Method } from '../../basics/method/methods.js';
import { bareTime, crustIn } from '../words/attributes.js';
import { isSpice } from './mentions.js';
import type { Telling } from './readTelling.js';
import { comesBack, takenOut } from '../words/takenOut.js';
import { IS_A_LIST, type ToldAct } from '../words/told.js';
import { OVERNIGHT_MIN, USUAL_SOAK_MIN } from '../line/saidBesides.js';
import type { ToldPlan, ToldThing } from './toldStage.js';
import { AddingPot } from './addingPot.js';

export type { ToldPlan, ToldStage } from './toldStage.js';

/** "Lentils, boiled twenty minutes in another pot". */
const BOILED_BEFORE =
  /\b(?:boiled|cooked|simmered)\b.*\b(?:minutes?|mins?|hours?|until|till|another|separate(?:ly)?|beforehand|before)\b/iu;

/** What is said to be in the pot already. */
const IN_THE_POT =
  /^(?:and\s+)?in\s+(?:the|a|my)\s+(?:\p{L}+\s+){0,2}(?:pot|pan|saucepan|casserole|cooker)\b/iu;

/** The pot followed from act to act: a rule for each verb. */
class Pot extends AddingPot {
  protected slowMin = 0;
  protected isFriedDry = false;
  private readonly isList: boolean;
  /** Number of the act that is the last line of the list. */
  private readonly listEnds: number;
  protected besides: number[] = [];

  constructor(telling: Telling) {
    super(telling);
    this.listEnds = telling.acts.findLastIndex((a) => a.listed);
    this.isList = telling.acts.filter((a) => a.listed).length >= IS_A_LIST;
  }

  readAll(): void {
    const crust = crustIn(this.telling.title ?? '');
    if (crust !== undefined) this.plan.crust = crust;
    for (const act of this.telling.acts) this.read(act);
    this.finish();
  }

  protected read(act: ToldAct): void {
    const crust = crustIn(act.text);
    if (crust !== undefined) this.plan.crust = crust;
    this.says(act);
    // Said of a thing of the list, before the pot is on: else it is this pot that cooks.
    if (act.verb === 'list' && this.stages.length === 0 && BOILED_BEFORE.test(act.text))
      for (const { line, isNew } of act.things) if (isNew) this.boiledApart.add(line);
    if (act.beside !== undefined) {
      this.beside(act);
      return;
    }
    this.besides = [];
    if (act.negated) {
      this.not(act);
      this.words(act);
      return;
    }
    const out = takenOut(act.text);
    if (out && !this.liquidIn) {
      this.plan.takenOut = out;
      this.words(act);
      return;
    }
    if (out === undefined && comesBack(act.text) && this.plan.takenOut) this.plan.backAt = this.index();
    this.rules[act.verb](act);
    if (act.things.length > 0 || act.grain) {
      this.last = act.things.map((t) => t.line);
      this.lastGrain =
        act.grain &&
        act.things.every((t) => this.line(t.line)?.isGrain === true || isSpice(this.line(t.line)?.id ?? ''));
    }
  }

  /** What words say of the pour and the grain, whatever the verb. */
  protected says(act: ToldAct): void {
    if (act.beside !== undefined) return;
    this.soakWater(act.text);
    if (act.hot && act.liquid) this.plan.hot = true;
    if (
      /\blets? go of the pot\b|\blooks? like glass\b|\blid a minute, stir\b/iu.test(act.text) &&
      !this.liquidIn
    )
      this.isFriedDry = true;
    if (this.plan.soakWater === 'reused' && /^measured\b.*\b(?:once|after|when)\b/iu.test(act.text))
      this.plan.soakWater = 'reusedAfter';
    const slow = /\bslow[\s-](high|low)\b(?:\s+(?:for\s+)?([\w-]+))?/iu.exec(act.text);
    if (slow && this.kind === 'multiCooker') {
      this.plan.timing.slow ??= slow[1]?.toLowerCase() as 'high' | 'low';
      const minutes = act.minutes ?? bareTime(slow[2] ?? '', false);
      if (minutes !== undefined) this.slowMin += minutes;
    }
    if (act.rule && !act.negated) this.plan.rule = act.rule;
    if (
      /\bnot a drop of (?:water|liquid)|\bno (?:water|liquid|stock) (?:is )?(?:poured|added|at all|goes in)|\bnothing added to (?:the )?(?:stew|rice)/iu.test(
        act.text,
      )
    )
      this.plan.baseOnly = true;
  }

  /** Whether the soaking water is poured, and when it is measured. */
  protected soakWater(text: string): void {
    if (
      /\bof (?:that|the soak(?:ing)?|its(?: own)?(?: soak(?:ing)?)?) water\b|\bsoak(?:ing)? water\b(?!.*\b(?:away|off|out|throw|discard))/iu.test(
        text,
      )
    )
      this.plan.soakWater = /\bmeasured\b.*\b(?:once|after|when)\b/iu.test(text) ? 'reusedAfter' : 'reused';
  }

  protected readonly rules: Readonly<Record<ToldAct['verb'], (act: ToldAct) => void>> = {
    wash: (a) => {
      const isGrain = a.grain || a.things.length === 0;
      if (isGrain) this.plan.wash = /\bclear\b/iu.test(a.text) ? 'untilClear' : 'rinsed';
      if (isGrain && /\bsieve|colander/iu.test(a.text)) this.plan.drain = 'sieve';
      this.early.push(a.text);
    },
    soak: (a) => {
      const isGrain =
        a.grain ||
        (a.things.length === 0 &&
          !/\b(?:lentils?|beans?|peas?|chickpeas?|dal|chunks|mushrooms?|saffron)\b/iu.test(a.text));
      if (isGrain) {
        this.plan.soakMin = a.minutes ?? (/overnight/iu.test(a.text) ? OVERNIGHT_MIN : USUAL_SOAK_MIN);
        this.soakWater(a.text);
        if (/\bthat water\b|\b(?:keep|save|use) (?:the )?(?:soaking )?water\b/iu.test(a.text))
          this.plan.soakWater = 'reused';
      }
      for (const { line, isNew } of a.things) {
        const row = ingredientById(this.line(line)?.id ?? '');
        // What is in the soaking water goes with it.
        if (isNew && isGrain && row?.id.startsWith('salt')) this.apart.add(line);
        if (row && soakedFor(row, 0) !== undefined)
          this.soaks.set(line, a.minutes ?? (/overnight/iu.test(a.text) ? OVERNIGHT_MIN : USUAL_SOAK_MIN));
      }
      this.early.push(a.text);
    },
    drain: (a) => {
      if (a.grain || a.things.length === 0) {
        if (/\bsieve|colander/iu.test(a.text) || (a.minutes ?? 0) >= 5) this.plan.drain = 'sieve';
        if (a.minutes !== undefined && a.minutes >= 5) this.plan.sieveMin = a.minutes;
        if (/\bin\s*$/iu.test(a.text)) this.grain(a);
        else this.early.push(a.text);
      } else this.words(a);
    },
    marinate: (a) => this.own('marinate', a, 30),
    prepare: (a) => this.words(a),
    list: (a) => {
      // Things named in a row once the pot is on are put in; a list before it waits.
      const isFried =
        a.grain &&
        a.things.length > 0 &&
        this.stages.length === 0 &&
        (a.heat !== undefined || a.until !== undefined) &&
        a.minutes !== undefined;
      if (isFried) {
        this.fry({ ...a, verb: 'toast' });
        return;
      }
      // "A little oil, two spring onions for a minute on medium": fried, though nobody says so.
      const isBase = !a.grain && !this.liquidIn && a.heat !== undefined && a.minutes !== undefined;
      if (isBase && a.things.some((t) => this.isFried(t.line)) && !a.liquid) {
        this.fry({ ...a, verb: 'fry' });
        return;
      }
      // "In the cooker a spoon of ghee, three cloves": the fat is in the pot, though nobody says that it is warmed.
      const isInPot = IN_THE_POT.test(a.text) && !a.grain && a.things.some((t) => this.isFat(t.line));
      if (isInPot && !this.liquidIn) {
        this.rules.add(a);
        return;
      }
      const isDone = this.isList ? this.telling.acts.indexOf(a) > this.listEnds : this.stages.length > 0;
      if (isDone) this.rules.add(a);
      else for (const t of a.things) if (this.line(t.line)?.pours) this.pours.add(t.line);
    },
    fry: (a) => this.fry(a),
    toast: (a) =>
      this.liquidIn
        ? this.words(a)
        : a.grain || (a.things.length === 0 && this.lastGrain)
          ? this.toast(a)
          : this.fry(a),
    add: (a) => this.add(a),
    putBack: (a) => this.add(a),
    boil: (a) => this.boil(a),
    cook: (a) => this.cook(a),
    stir: (a) => this.stir(a),
    cover: (a) => this.cover(a),
    heat: (a) => this.heat(a),
    pressure: (a) => this.pressure(a),
    release: (a) => {
      this.off = true;
      if (this.isPressure()) this.own('release', a, a.minutes);
      else this.words(a);
    },
    switch: (a) => {
      this.kind ??= 'riceCooker';
      this.liquid();
      this.own('cook', a, undefined);
    },
    turn: (a) => (this.liquidIn && !this.isPressure() ? this.own('turn', a, undefined) : this.words(a)),
    off: (a) => this.rest(a),
    rest: (a) => this.rest(a),
    fork: (a) => (this.liquidIn ? this.own('fork', a, 1) : this.words(a)),
    taste: (a) =>
      this.liquidIn && !this.off && !this.isPressure() ? this.own('taste', a, 1) : this.words(a),
    liftOut: (a) => this.words(a),
    spicesOut: (a) => this.own('spicesOut', a, 1),
    turnOut: (a) => (this.liquidIn ? this.own('turnOut', a, 1) : this.words(a)),
    serve: (a) => {
      for (const t of a.things) if (t.isNew) this.joins(t.line, a);
      this.words(a);
    },
    words: (a) => {
      if (/\b(?:flips?|clicks? off|goes to warm)\b/iu.test(a.text) && this.running?.act === 'cook')
        this.off = true;
      for (const t of a.things) if (t.isNew) this.joins(t.line, a);
      this.words(a);
    },
  };

  /** What is made beside: nothing of it is in the pot, unless it comes in later. */
  protected beside(act: ToldAct): void {
    const goesIn =
      /^(?:add|putBack|serve|list)$/u.test(act.verb) &&
      /\b(?:it|them|all)\b.*\b(?:over|on top|in)\b|\bover (?:it|the (?:rice|grain|pot|millet))\b|\b(?:to|into) the (?:pot|rice)\b/iu.test(
        act.text,
      ) &&
      act.things.every((t) => !t.isNew);
    if (goesIn) {
      for (const line of this.besides) this.joins(line, act);
      this.words(act);
      return;
    }
    for (const { line, isNew } of act.things)
      if (isNew || !this.at.has(line)) {
        this.apart.add(line);
        this.besides.push(line);
      }
    this.words(act);
    // Boiled beforehand it gives no more water.
    if (/^(?:boil|cook)$/u.test(act.verb))
      for (const { line } of act.things) {
        const row = ingredientById(this.line(line)?.id ?? '');
        if (row && statesOf(row).includes('cooked')) this.states.set(line, 'cooked');
        this.boiledApart.add(line);
      }
  }

  protected not(act: ToldAct): void {
    const isGrain = act.grain || act.things.length === 0;
    if (act.verb === 'wash' && isGrain) this.plan.wash = 'unwashed';
    if (act.verb === 'soak' && isGrain) this.plan.soakMin = 0;
    if (act.verb === 'toast' && isGrain) this.plan.toast = 'none';
    for (const t of act.things) if (t.isNew && this.line(t.line)?.pours) this.pours.add(t.line);
    if (act.lid === 'off' && this.running) this.running.lid ??= 'on';
  }

  protected finish(): void {
    const { plan, stages } = this;
    if (this.whistles > 0) plan.timing.whistles = this.whistles;
    // What stewed before the grain went in is none of the grain's time.
    const withGrain = stages.slice(stages.findIndex((s) => s.act === 'grain') + 1);
    const sum = withGrain.filter((s) => s.act === 'simmer').reduce((t, s) => t + (s.minutes ?? 0), 0);
    const simmer = withGrain.find((s) => s.act === 'simmer');
    if (sum > 0) plan.timing.coveredMin = sum;
    if (this.slowMin > 0) plan.timing.coveredMin = this.slowMin;
    if (simmer?.heat) plan.timing.coveredHeat = simmer.heat;
    if (simmer?.lid && simmer.lid !== 'on' && simmer.lid !== 'off' && simmer.lid !== 'pressure')
      plan.timing.seal = simmer.lid;
    if (simmer?.spreader) plan.timing.spreader = true;
    const rest = stages.find((s) => s.act === 'rest');
    if (rest?.minutes !== undefined) plan.timing.restMin = rest.minutes;
    const open = stages.find((s) => s.act === 'openBoil' || s.act === 'boilDown');
    if (open?.minutes !== undefined) plan.timing.openBoilMin = open.minutes;
    if (open?.heat) plan.timing.openBoilHeat = open.heat;
    if (plan.soakMin === undefined && plan.grain !== undefined) {
      const soak = this.line(plan.grain)?.soak;
      if (soak) plan.soakMin = soak.minutes;
    }
    const method = this.method();
    if (method) plan.method = method;
    // What a list pours is poured, also where no step says so.
    for (const [n, l] of this.telling.lines.entries())
      if (l.pours && !l.apart && !this.apart.has(n) && !this.cookedDown.has(n)) this.pours.add(n);
  }

  protected method(): Method | undefined {
    if (this.kind) return this.kind;
    const acts = this.stages.map((s) => s.act);
    if (this.plan.baseOnly) return 'stewSteam';
    if (this.isFriedDry) return 'fryDry';
    const boil = acts.findIndex((a) => /^(?:boil|openBoil|boilDown)$/u.test(a));
    const grain = acts.indexOf('grain');
    if (acts.includes('boilDown')) return 'boilDown';
    if (grain > boil && boil >= 0) return 'liquidFirst';
    return undefined;
  }
}

/**
 * What the acts of a telling come to: the pot followed from act to act, each thing at the stage at which it goes in.
 * @example toldPlan(readTelling('2 cups basmati\nDo not wash it.')).wash // 'unwashed'
 */
export function toldPlan(telling: Telling): ToldPlan {
  const pot = new Pot(telling);
  pot.readAll();
  const things: ToldThing[] = telling.lines.flatMap((line, n) => {
    if (line.id === undefined || line.isGrain || (pot.pours.has(n) && !pot.apart.has(n))) return [];
    const state = pot.states.get(n);
    const stage = pot.at.get(n);
    const soakMin = pot.soaks.get(n);
    return [
      {
        line: n,
        ...(state === undefined ? {} : { state }),
        ...(stage === undefined ? {} : { stage }),
        ...(soakMin === undefined ? {} : { soakMin }),
        ...(pot.boiledApart.has(n) || BOILED_BEFORE.test(line.note) ? { boiled: true as const } : {}),
        ...(pot.apart.has(n) ? { apart: true as const } : {}),
      },
    ];
  });
  // What stays beside is told last.
  things.sort((a, b) => Number(a.apart ?? false) - Number(b.apart ?? false));
  return {
    ...pot.plan,
    early: pot.early,
    stages: pot.stages,
    things,
    pours: [...pot.pours].filter((n) => !pot.apart.has(n)),
  };
}
