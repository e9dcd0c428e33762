import type { PouredOtherwise } from '@hammock/core';
import { textureWords } from '../plan/textureWords.js';

/** What comes of another pour than the advised one, and the first thing to do; `amount` words ml. */
export function pouredWords(
  { byMl, texture, wet, mend }: PouredOtherwise,
  amount: (ml: number) => string,
): { readonly says: string; readonly act: string | undefined } {
  const by = `${amount(Math.abs(byMl))} ${byMl < 0 ? 'less' : 'more'} than advised`;
  if (mend.kind === 'none')
    return { says: `${by}: it still comes out ${textureWords(texture)}.`, act: undefined };
  const says = wet
    ? `${by}: left alone some of it stays liquid.`
    : `${by}: left alone it comes out ${textureWords(texture)}.`;
  switch (mend.kind) {
    case 'pourMore':
      return { says, act: `Pour ${amount(mend.ml)} more, hot, before the lid goes on.` };
    case 'boilOpen':
      return { says, act: `Boil it open ${mend.minutes.toString()} min longer before you cover it.` };
    case 'steamOff':
      return {
        says,
        act: `When it is open again, leave it on low without its lid for ${mend.minutes.toString()} min.`,
      };
    case 'tooWet':
      return { says, act: 'Ladle some of the liquid out now: boiling alone will not do.' };
  }
}
