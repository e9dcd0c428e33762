/** What a term of the account is. */
export type TermKind =
  'absorbed' | 'steamLost' | 'heldByOthers' | 'drunkByOthers' | 'broughtIn' | 'clinging' | 'pour';

/**
 * One term of the water account. `comesFrom` terms bring water to the pot, `goesTo` terms take it; all the
 * comesFrom together equal all the goesTo together.
 */
export interface Term {
  readonly id: string;
  readonly kind: TermKind;
  readonly side: 'comesFrom' | 'goesTo';
  /** Water, g. Only the pour can be negative. */
  readonly g: number;
  /** The ingredient or stage it belongs to, where it belongs to one. */
  readonly of?: string;
  /** The stage at which it comes into the pot, where that is after the liquid. */
  readonly joins?: string;
  /** The numbers it was worked out from; names carry their units. */
  readonly inputs: Readonly<Record<string, number | string>>;
}

/** Total of a list of terms, g. */
export const total = (terms: readonly Term[]): number => terms.reduce((sum, t) => sum + t.g, 0);
