import { grainById, type Amylose } from '@hammock/core';
import type { BagFields } from '@hammock/core/records';

/** What a cook sees of a class of amylose. */
export const AMYLOSE_WORDS: Readonly<Record<Amylose, string>> = {
  waxy: 'glutinous: sticks by itself (waxy)',
  low: 'tender, a little sticky (low amylose)',
  intermediate: 'soft, stays apart (intermediate)',
  high: 'dry and apart, hard when cold (high amylose)',
};

/** Only grain whose scale goes by its amylose has a class of it. */
export const hasClass = (grainId: string): boolean => grainById(grainId)?.amylose !== undefined;

/** What a bag says of its starch, after what it is; nothing where it says nothing or it does not matter. */
export const starchText = ({ grainId, amylose }: Pick<BagFields, 'grainId' | 'amylose'>): string =>
  amylose == null || !hasClass(grainId) ? '' : `, ${AMYLOSE_WORDS[amylose]}`;
