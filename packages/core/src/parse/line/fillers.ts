const setOf = (text: string): ReadonlySet<string> => new Set(text.split(' '));
/** Words that say nothing about which ingredient it is: what was done to it, its size, how good it is. */
const FILLERS = setOf(
  'of the a an and my your our fresh freshly large medium small big extra ripe chopped sliced diced minced grated peeled crushed finely roughly thinly thickly coarsely cut into pieces piece cubed cleaned deveined washed rinsed drained whole raw dried dry boneless skinless about heaped level good each plus more to taste optional hot cold warm room temperature unsalted plain halved quartered deseeded trimmed ground handful pinch some little splash drizzle few knob dash size sized quality organic shredded torn picked julienned mashed whisked beaten melted juiced pressed bruised smashed bashed slit seeded pitted stoned shelled podded skinned blended boiled roasted toasted fried steamed thawed defrosted soaked charred baby bone boned in on with skin generous fistful tender firm long thick thin fat nice old new season seasonal spicy mild ordinary regular usual kind type very just only soft crisp yellow back straight away lightly well squeezed pure natural best shop bought homemade home made leftover needed required garnish serve serving topping powdered powder crumbled separated strained tied knotted snipped broken left over enough prepared cooking glug dollop scoop sprinkle uncooked unwashed dissolved diluted mixed squeeze',
);
/** Shapes and units that come with the name of a thing, and are no part of it. */
export const SHAPES = setOf(
  'ring floret wedge strip half cube chunk tip leaf stalk stick sprig bunch head bulb clove inch thumb strand thread slice rasher spear ear cob pod nest fillet matchstick round disc coin portion measure quarter bit link berry star blade segment end top cm batch dice',
);

/** True for a word that says nothing about which thing it is. */
export const isFiller = (word: string): boolean => FILLERS.has(word) || SHAPES.has(word);

/** Words by which a line speaks of grain. */
export const OF_GRAIN = setOf('rice grain millet wheat barley');
/** Of grain these say which. */
const SAYS_WHICH_GRAIN = setOf('long medium broken ground');

/** What is left without the words that say nothing. */
export const withoutFillers = (words: readonly string[]): readonly string[] => {
  const isGrain = words.some((w) => OF_GRAIN.has(w));
  return words.filter((w) => !FILLERS.has(w) || (isGrain && SAYS_WHICH_GRAIN.has(w)));
};

/** Of those, what is no more than a cut. */
export const CUTS = setOf(
  'ring floret wedge strip half cube slice round disc matchstick quarter dice tip segment fillet end top',
);
