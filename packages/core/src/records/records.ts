import type { Odds } from '../compute/odds/odds.js';
import type { Course } from '../compute/course/course.js';
import type { Answer } from '../compute/account/answer.js';
import type { Texture } from '../basics/grain/texture.js';
import type { DishSpec } from '../plan/derived/householdPlan.js';
import type { PlanInput, Served } from '../plan/input/planInput.js';
import type { Caution } from '../plan/derived/cautions.js';
import type { HeatSetting, HobKind, LidFit, VesselKind, Wall } from '../basics/heat/equipment.js';
import type { WaterTest } from '../basics/heat/waterTest.js';
import type { Amylose } from '../basics/larder/grain.js';
import type { OwnIngredient } from '../basics/larder/own.js';
import type { Measure } from '../basics/measures/measurable.js';
import type { Method } from '../basics/method/methods.js';
import type { Tap } from '../compute/stove/tap.js';
import type { Stage } from '../basics/method/stage.js';
import type { OutcomeRecord } from './outcome.js';
import type { Override } from '../learning/belief.js';

/** What travels between web and server, owned by neither. Ids are UUIDs; times are ms since the epoch. */
export interface KeptRecord {
  readonly id: string;
  readonly createdAtMs: number;
  readonly updatedAtMs: number;
  /** Where this row stands in the order of everything the server stored; a write names the one it stood on. */
  readonly revision: number;
}

/** The household: where it cooks and how it likes its grain. */
export interface HouseholdRecord {
  readonly name: string;
  readonly altitudeM: number;
  readonly roomC: number;
  /** First joint of this cook's finger, mm; an ordinary one without. */
  readonly fingerMm?: number | null;
  readonly texture: Texture;
  /** Steps by which its words for texture lie softer than ours; none without. */
  readonly softerSteps?: number | null;
  /** What it calls the five steps, firm first; an empty one is called as usual. */
  readonly textureNames?: readonly string[] | null;
  /** What its jars, tins and packets hold, each asked once. */
  readonly packets?: readonly CanSize[] | null;
  /** Who cooks and eats here, by name. */
  readonly people?: readonly string[] | null;
  /** What it says itself of what pots teach, or wants forgotten. */
  readonly told?: readonly Override[] | null;
  readonly served: Served;
  /** True when amounts are shown in g and ml first. */
  readonly metric: boolean;
  /** 0 until the server has been heard. */
  readonly revision: number;
}

/** What one jar, tin or packet of a thing holds. */
export interface CanSize {
  readonly ingredientId: string;
  /** As it was said: "jar". */
  readonly packet: string;
  readonly g: number;
}

export type HouseholdFields = Omit<HouseholdRecord, 'revision'>;

export interface BagFields {
  readonly grainId: string;
  readonly label: string;
  readonly note: string;
  /** Day it was opened, YYYY-MM-DD; null when nobody knows. */
  readonly openedOn: string | null;
  /** Class of amylose, where it is not the grain's usual one. */
  readonly amylose?: Amylose | null;
}

export interface VesselFields {
  readonly label: string;
  readonly diameterCm: number;
  readonly volumeMl: number;
  readonly lid: LidFit;
  readonly wall: Wall;
  readonly kind: VesselKind;
  /** A coating that high heat spoils. */
  readonly nonStick?: boolean;
}

export interface HobFields {
  readonly label: string;
  readonly kind: HobKind;
  readonly powerW: Readonly<Record<HeatSetting, number>>;
}

export interface CupFields {
  readonly label: string;
  readonly kind: Measure['kind'];
  readonly ml: number;
  readonly parts: readonly string[];
  readonly stepMl: number | null;
}

/** An ingredient of the household's own, kept. */
export interface IngredientFields {
  readonly label: string;
  readonly figures: Omit<OwnIngredient, 'id' | 'name'>;
}

/** A method of the household's own: stages that began as one of the nine. */
export interface MethodFields {
  readonly label: string;
  readonly method: Method;
  readonly stages: readonly Stage[];
}

/** The two weighings of a water test, for one pot on one hob. */
export interface SteamTestFields extends WaterTest {
  readonly label: string;
  readonly vesselId: string;
  readonly hobId: string;
}

export type { DishSpec } from '../plan/derived/householdPlan.js';

export interface DishFields {
  readonly label: string;
  readonly blurb: string;
  readonly spec: DishSpec;
}

/** Which of the household's things a plan or a cook is made with. */
export interface Choices {
  readonly dishId: string | null;
  readonly bagId: string | null;
  readonly vesselId: string | null;
  readonly hobId: string | null;
  readonly cupId: string | null;
}

export interface PlanFields extends Choices {
  readonly label: string;
  readonly input: PlanInput;
}

export type BagRecord = KeptRecord & BagFields;
export type VesselRecord = KeptRecord & VesselFields;
export type HobRecord = KeptRecord & HobFields;
export type CupRecord = KeptRecord & CupFields;
export type DishRecord = KeptRecord & DishFields;
export type IngredientRecord = KeptRecord & IngredientFields;
export type MethodRecord = KeptRecord & MethodFields;
export type SteamTestRecord = KeptRecord & SteamTestFields;
export type PlanRecord = KeptRecord & PlanFields;

/** An answer as the server gives it: with the cautions that apply. */
export type AnswerReply = Answer & {
  readonly cautions: readonly Caution[];
  /** Where they were asked for. */
  readonly odds?: Odds;
};

/** The pot over time, minutes from the pour; bed 0 lies on the floor. */
export type CourseReply = Course;

/** One run of a plan at the stove, with plan and answer as they were. Lists leave the taps out. */
export interface CookRecord extends Choices {
  readonly id: string;
  readonly label: string;
  readonly input: PlanInput;
  readonly answer: AnswerReply;
  readonly advisedMl: number;
  readonly pouredMl: number | null;
  readonly startedAtMs: number;
  readonly abandoned: boolean;
  readonly events?: readonly TapRecord[];
  readonly outcome?: OutcomeRecord | null;
  /** Of what was said about it (poured, given up, outcome); its taps have an order of their own. */
  readonly revision: number;
}

/** A tap as it travels: nothing said is null or left out. */
export interface TapRecord extends Omit<Tap, 'minutes' | 'followsId' | 'undoesId' | 'said' | 'amount'> {
  readonly minutes?: number | null;
  readonly said?: string | null;
  readonly amount?: number | null;
  readonly followsId?: string | null;
  readonly undoesId?: string | null;
}

/** What can be said about a cook after it began. */
export interface CookSaid {
  readonly pouredMl: number | null;
  readonly abandoned: boolean;
  readonly outcome: Omit<OutcomeRecord, 'atMs'> | null;
}

/** A cook as the notebook lists it: without its plan, its answer and its taps. */
export type CookLine = Omit<CookRecord, 'input' | 'answer' | 'events'>;

/** A kept thing as the feed tells it: taken away when it has a time of that. */
export type Changed<T> = T & { readonly deletedAtMs: number | null };

/** What changed since a revision, in the order it was stored. */
export interface ChangesReply {
  /** The server's clock when it replied: what a device measures its own against. */
  readonly nowMs: number;
  /** Up to where this reply goes; ask again from here. */
  readonly revision: number;
  /** True when there is more than one reply can hold. */
  readonly more: boolean;
  /** True when everything was erased, replaced or put back since what was asked from, and all must be read again. */
  readonly reset: boolean;
  /** Which household this is: another one since everything was erased, replaced or put back. */
  readonly epoch: string;
  readonly household?: HouseholdRecord;
  readonly bags: readonly Changed<BagRecord>[];
  readonly vessels: readonly Changed<VesselRecord>[];
  readonly hobs: readonly Changed<HobRecord>[];
  readonly cups: readonly Changed<CupRecord>[];
  readonly dishes: readonly Changed<DishRecord>[];
  readonly ingredients: readonly Changed<IngredientRecord>[];
  readonly methods: readonly Changed<MethodRecord>[];
  readonly steamTests: readonly Changed<SteamTestRecord>[];
  readonly plans: readonly Changed<PlanRecord>[];
  readonly cooks: readonly CookLine[];
  readonly taps: readonly (TapRecord & { readonly cookId: string })[];
}

/** How a dish has done so far. */
export interface DishUseRecord {
  readonly dishId: string;
  readonly cooks: number;
  readonly judged: number;
  readonly asWanted: number;
  readonly lastAtMs: number;
}
