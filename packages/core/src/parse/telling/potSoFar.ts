import { ingredientById, statesOf } from '../../basics/larder/larder.js';
import type { State } from '../../basics/larder/composition.js';
import type { Act } from '../../basics/method/stage.js';
import { isSpice } from './mentions.js';
import type { Telling } from './readTelling.js';
import type { SaidLine, ToldAct } from '../words/told.js';
import type { DraftPlan, DraftStage } from './toldStage.js';
import { vesselOf, type Cooker } from './vesselOf.js';

/** Kinds that are fried as far as a word says. */
const FRIED: ReadonlySet<string> = new Set([
  'onion',
  'tomato',
  'smoothTomato',
  'softVegetable',
  'hardVegetable',
  'potato',
  'mushroom',
  'meat',
  'noodle',
  'cultured',
  'coconutMilk',
  'frozenVegetable',
  'browning',
  'liquid',
]);

/** How far this thing is fried by that word: an onion is brown where meat is browned. */
function friedTo(id: string, state: State): State | undefined {
  const row = ingredientById(id);
  if (!row || !FRIED.has(row.behaves)) return undefined;
  const has = statesOf(row);
  const ways: State[] =
    state === 'browned'
      ? ['browned', 'brown', 'golden']
      : state === 'brown'
        ? ['brown', 'browned', 'golden']
        : state === 'golden'
          ? ['golden', 'browned']
          : state === 'softened'
            ? ['softened', 'translucent']
            : state === 'translucent'
              ? ['translucent', 'softened']
              : [state];
  return ways.find((s) => has.includes(s));
}

/** The pot as the telling goes on: what is in it, the stage that runs, and what was named last. */
export abstract class PotSoFar {
  readonly plan: DraftPlan = { timing: {}, hot: false, baseOnly: false };
  readonly stages: DraftStage[] = [];
  readonly at = new Map<number, number>();
  readonly states = new Map<number, State>();
  readonly apart = new Set<number>();
  readonly soaks = new Map<number, number>();
  /** What was boiled in another pot before. */
  readonly boiledApart = new Set<number>();
  readonly pours = new Set<number>();
  /** Liquids that went into the base. */
  readonly cookedDown = new Set<number>();
  protected running: DraftStage | undefined;
  protected grainIn = false;
  protected liquidIn = false;
  protected boiled = false;
  protected off = false;
  protected pressureUp = false;
  protected kind: Cooker | undefined;
  protected fried: number[] = [];
  protected last: readonly number[] = [];
  protected lastGrain = false;
  /** Words before any stage has begun. */
  readonly early: string[] = [];
  /** What is put on a pot whose time is up goes in at the next stage. */
  protected next: number[] = [];

  constructor(protected readonly telling: Telling) {
    this.kind = vesselOf(telling);
    for (const [n, line] of telling.lines.entries()) {
      if (line.apart) this.apart.add(n);
      if (line.isGrain && !line.apart && this.plan.grain === undefined) this.plan.grain = n;
    }
  }

  protected line = (n: number): SaidLine | undefined => this.telling.lines[n];

  protected index = (): number => Math.max(0, this.stages.length - 1);

  protected words(act: ToldAct): void {
    if (this.running) this.running.words.push(act.text);
    else this.early.push(act.text);
  }

  /** A stage that begins here. */
  protected begin(act: Act, told: ToldAct | undefined, more: Partial<DraftStage> = {}): DraftStage {
    const stage: DraftStage = { act, words: told ? [told.text] : [], ...more };
    this.stages.push(stage);
    this.running = stage;
    for (const line of this.next) this.at.set(line, this.index());
    this.next = [];
    return stage;
  }

  protected own(act: Act, told: ToldAct, minutes: number | undefined): void {
    const last = this.running;
    if (last?.act === act && last.minutes === undefined) {
      last.words.push(told.text);
      if (told.minutes !== undefined) last.minutes = told.minutes;
    } else {
      const length = told.minutes ?? minutes;
      this.begin(act, told, length === undefined ? {} : { minutes: length });
    }
    this.put(told);
  }

  /** Its things go in at the stage that runs. */
  protected put(act: ToldAct): void {
    for (const { line } of act.things) this.joins(line, act);
  }

  protected joins(line: number, act: ToldAct): void {
    const thing = this.line(line);
    if (!thing || thing.isGrain) return;
    if (thing.pours && !thing.apart) {
      this.pours.add(line);
      return;
    }
    this.apart.delete(line);
    const isOver =
      /^(?:simmer|openBoil|boilDown)$/u.test(this.running?.act ?? '') &&
      this.running?.minutes !== undefined &&
      /^(?:add|list|putBack|serve|words)$/u.test(act.verb) &&
      !/\blast\b|\bhalf[\s-]?way\b/iu.test(act.text);
    if (
      this.running?.act === 'base' &&
      this.stages[this.at.get(line) ?? -1]?.act === 'warmFat' &&
      !this.isFat(line) &&
      !isSpice(thing.id ?? '')
    )
      this.at.delete(line);
    if (!this.at.has(line) && this.running) {
      this.at.set(line, this.index());
      if (isOver) this.next.push(line);
    }
    const { state } = act.until ?? {};
    if (state && !this.liquidIn) this.toState(line, state);
  }

  protected toState(line: number, state: State): void {
    const id = this.line(line)?.id ?? '';
    const to = friedTo(id, state);
    if (to) this.states.set(line, to);
  }

  protected isFried = (n: number): boolean =>
    FRIED.has(ingredientById(this.line(n)?.id ?? '')?.behaves ?? '');

  protected isFat = (n: number): boolean => ingredientById(this.line(n)?.id ?? '')?.behaves === 'fat';

  /** True where what is in the running stage is fried to a look already. */
  protected hasState = (): boolean =>
    [...this.at].some(([line, n]) => n === this.index() && this.states.has(line));

  /** More of a stage that runs: its minutes add up, its heat stands where none was told. */
  protected more(stage: DraftStage, act: ToldAct): void {
    stage.words.push(act.text);
    if (act.minutes !== undefined) stage.minutes = (stage.minutes ?? 0) + act.minutes;
    if (act.heat !== undefined) stage.heat ??= act.heat;
    if (act.lid !== undefined) stage.lid ??= act.lid;
  }

  protected liquid(act?: ToldAct): void {
    if (this.liquidIn) return;
    this.liquidIn = true;
    if (act?.hot) this.plan.hot = true;
  }

  protected isPressure = (): boolean => this.kind === 'pressureCooker' || this.kind === 'multiCooker';

  protected isCooker = (): boolean => this.kind !== undefined;
}
