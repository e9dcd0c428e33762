/** The dozen words of ours, each as it is meant on every screen. */
export const GLOSSARY: readonly (readonly [string, string])[] = [
  ['absorption', 'The grain takes up all the liquid; none is drained away.'],
  ['base', 'What is cooked in the pot before the grain: onion, tomato, spices, fat.'],
  ['bottom', 'The floor of the pot, where a crust forms or grain burns.'],
  ['covered', 'The minutes the pot stands on the heat with its lid on.'],
  ['dish', 'A plan that is kept by its name, to be cooked again.'],
  ['pour', 'The liquid you measure and add. What the base brings is not part of it.'],
  ['right', 'As soft or firm as you asked for, cooked through and not burnt.'],
  ['rule', 'A ratio or a level that cooks go by, such as one to two.'],
  ['sling', 'The drawn rope with the pot in it: left is too dry, right is too wet.'],
  ['stage', 'One step of cooking with its heat, its lid and its end.'],
  ['trial pot', 'A pot cooked by the computer with a small difference, such as a fuller cup.'],
  ['water test', 'A pot of water weighed twice: it shows what your burner and lid really do.'],
];

/** Keys of our own, beside those every browser and reader has. */
export const SHORTCUTS: readonly (readonly [string, string])[] = [
  ['?', 'this page'],
  ['g then p', 'Pour'],
  ['g then s', 'Stove'],
  ['g then n', 'Notebook'],
  ['g then d', 'Dishes'],
  ['g then k', 'Kitchen'],
  ['g then t', 'the stages of the plan'],
  ['g then w', 'the water test'],
  ['g then a', 'the word that adds something to the plan'],
  ['g then c', 'the button that begins to cook'],
  ['Control + Z', 'undo, outside of a field'],
  ['Control + Shift + Z', 'redo'],
  ['Enter, on the slider of the odds', 'take that pour'],
  ['Escape', 'close a list, cancel a form'],
];
