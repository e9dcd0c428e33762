import type { ChangesReply, HouseholdFields, HouseholdRecord, KeptRecord } from '@hammock/core/records';
import type { KitchenFields, KitchenKind, KitchenLists } from './kitchenKept.js';

/** What this kitchen has, and what can be done to it. */
export interface Kitchen extends KitchenLists {
  readonly household: HouseholdRecord;
  /** `loaded` from this visit's server, `remembered` from an earlier one, `empty` when neither. */
  readonly state: 'empty' | 'remembered' | 'loaded';
  /** Reads everything; false when not all of it could be read. */
  readonly load: () => Promise<boolean>;
  /** What a guest may know of the kitchen: where it is and how it measures. */
  readonly loadForGuest: () => Promise<boolean>;
  /** Keeps a thing; `seen` is the record it was changed from, where that may be older than what is here. */
  readonly keep: <K extends KitchenKind>(
    kind: K,
    id: string,
    fields: KitchenFields[K],
    seen?: KeptRecord,
  ) => void;
  readonly remove: (kind: KitchenKind, id: string) => void;
  readonly setHousehold: (change: Partial<HouseholdFields>) => void;
  /** Takes rows of the server up, where nothing newer is on its way from here. */
  readonly hear: (changes: Partial<Heard>) => void;
}

type Heard = Pick<ChangesReply, KitchenKind | 'household'>;

export type KeptKitchen = KitchenLists & Pick<Kitchen, 'household' | 'state'>;
