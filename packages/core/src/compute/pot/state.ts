/**
 * The pot at one moment, as one row of numbers so that a step is a loop. Water in g, temperatures in °C, heat in
 * kJ; the beds are numbered from the floor.
 */
export const TEMP = 0;
/** Liquid that is neither in the grain nor held elsewhere. */
export const FREE = 1;
/** Water in each bed, g per g of its dry matter. */
export const W0 = 2;
/** Cooked fraction of each bed, 0–1. */
export const DONE0 = 5;
/** Temperature of the film on the floor of the pot. */
export const BASE_C = 8;
/** How far the base has browned: 1 is a golden crust. */
export const BROWN = 9;
/** Starch in the liquid, g. */
export const STARCH = 10;
/** Water hanging on the top grains, g. */
export const TOP = 11;
/** Water drunk by noodles and pulses, g. */
export const DRUNK = 12;
/** Water hanging under the lid or in the cloth, g. */
export const LID = 13;
/** Steam lost, g. */
export const STEAM = 14;
export const HEAT_IN = 15;
export const HEAT_OUT = 16;
/** Water in the layer of grain that touches the floor, as a share of what it holds when wet, 0–1. */
export const CRUST = 17;
export const SIZE = 18;

export const BEDS = 3;

/** The state of a pot; always SIZE long. */
export type State = Float64Array;

/** Reads a place of the state that is there by its length. */
// eslint-disable-next-line @typescript-eslint/no-non-null-assertion -- the state always has SIZE places, and this is the hot path
export const get = (y: State, i: number): number => y[i]!;
