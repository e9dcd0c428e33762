import type { Act, Sign, Stage } from '@hammock/core';

/** What is done in a stage: its name, what to do, and what to look for. */
export const ACT: Readonly<
  Record<Act, { readonly name: string; readonly what: string; readonly look: string }>
> = {
  soak: { name: 'Soak', what: 'Grain under cool water.', look: 'Grains turn white and snap easily.' },
  drain: { name: 'Drain', what: 'Tip into a sieve and shake.', look: 'No more than a drip a second.' },
  warmFat: {
    name: 'Warm the fat',
    what: 'Fat in the pot, whole spices with it.',
    look: 'It shimmers; spices uncurl and crackle.',
  },
  base: {
    name: 'Cook the base',
    what: 'Onion first, then what is wet. Stir.',
    look: 'As far down as the plan says, and no raw smell.',
  },
  toast: {
    name: 'Toast the grain',
    what: 'Grain in the fat. Keep it moving.',
    look: 'An even colour; uneven means too hot.',
  },
  ladle: {
    name: 'Ladle stew out',
    what: 'Take out what the plan says and keep it.',
    look: 'The stew that is left only just covers where the grain will lie.',
  },
  fryDry: {
    name: 'Fry the grain dry',
    what: 'Grain in the stew: stir, a minute covered, stir again, about four rounds.',
    look: 'The stew is taken up; the grain comes off the bottom and turns translucent.',
  },
  grain: {
    name: 'Grain in',
    what: 'Drained grain into the seasoned liquid. Level it once, then leave it.',
    look: 'It boils again.',
  },
  boilDown: {
    name: 'Boil down',
    what: 'Leave it alone.',
    look: 'Holes open in the surface and the liquid sinks level with the grain.',
  },
  butter: {
    name: 'Butter over',
    what: 'The other half of the fat, over the top and down the side.',
    look: 'It sizzles at the rim.',
  },
  pressureUp: {
    name: 'Pour, lock, bring up',
    what: 'Pour, add the salt, taste. Stir once, scrape the bottom. Lock the lid.',
    look: 'A steady jet of steam, then the pin up.',
  },
  pressure: {
    name: 'At pressure',
    what: 'Hold it there.',
    look: 'No more than a whisper of steam.',
  },
  release: {
    name: 'Let it down',
    what: 'Off the heat. Leave it alone until the pressure has fallen by itself.',
    look: 'The pin drops; the lid turns without force.',
  },
  cook: {
    name: 'Pour, press cook',
    what: 'Pour, add the salt, taste. Stir once. Press cook.',
    look: 'The switch flips to warm.',
  },
  turn: {
    name: 'Turn once',
    what: 'From the side, top to bottom, gently. Close it again.',
    look: 'No raw grains left on top.',
  },
  steam: {
    name: 'Steam',
    what: 'Leave it to the steam. No stirring.',
    look: 'Grains stand up; the rim is hot.',
  },
  boil: {
    name: 'Pour and boil',
    what: 'Pour, add the salt, taste. Stir once.',
    look: 'Bubbles all over, not only at the rim.',
  },
  openBoil: {
    name: 'Boil open',
    what: 'Leave it alone.',
    look: 'Holes in the surface; the liquid level with the grain.',
  },
  simmer: {
    name: 'Simmer',
    what: 'Leave it. No stirring.',
    look: 'A thread of steam; a quiet crackle near the end.',
  },
  rest: { name: 'Rest', what: 'Leave it. No stirring.', look: 'It is still drinking.' },
  wait: { name: 'Wait', what: 'Leave it as it is.', look: 'The time is up.' },
  boilOff: {
    name: 'Boil soft, then dry',
    what: 'What has to soften, in its own or added water. Skim. Go on until that has gone.',
    look: 'A fork goes in; nothing is left to pour off.',
  },
  marinate: {
    name: 'Marinate',
    what: 'Turn it in its marinade; cover and leave it cool.',
    look: 'The time is up.',
  },
  steep: {
    name: 'Steep',
    what: 'Kettle over it, a plate on top. Strain, and keep the liquor.',
    look: 'Soft through; the liquor is dark.',
  },
  taste: {
    name: 'Taste and correct',
    what: 'A spoonful: salt, heat, sourness.',
    look: 'A shade too salty now is right later.',
  },
  fork: {
    name: 'Fork through',
    what: 'From the side, gently; fold back colour that floated up.',
    look: 'Grains fall apart; one colour.',
  },
  spicesOut: {
    name: 'Take the whole spices out',
    what: 'Leaves, sticks, pods and whole chillies.',
    look: 'As many out as went in.',
  },
  cool: { name: 'Let it cool', what: 'Leave it alone.', look: 'It loosens.' },
  turnOut: {
    name: 'Turn it out',
    what: 'A plate wider than the pot on top, dry gloves, over it goes.',
    look: 'It lets go of the floor.',
  },
};

/** What a stage is called: as this cook calls it, or by what is done. */
export const stageName = ({ act, name = '' }: Pick<Stage, 'act' | 'name'>): string =>
  name.trim() === '' ? ACT[act].name : name;

/** What is seen when the liquid has gone down so far. */
const GONE_DOWN: Readonly<Partial<Record<Sign, string>>> = {
  levelWithGrain: 'The liquid stands level with the grain.',
  holes: 'Holes open in the surface; no liquid over the grain.',
  absorbed: 'Nothing free to see: all of it is taken up.',
};

/** What to look for in a stage: what ends it, where that is something seen. */
export function lookOf({ act, end }: Pick<Stage, 'act' | 'end'>): string {
  // Between whistles there is less to see than under a thermostat.
  if (act === 'pressure' && end.kind === 'count') return 'Only a whisper of steam between whistles.';
  const sign = end.kind === 'sign' ? GONE_DOWN[end.sign] : undefined;
  return sign ?? ACT[act].look;
}
