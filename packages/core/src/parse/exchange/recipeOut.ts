/** A dish as it goes out: everything in words already, as this kitchen measures it. */
export interface RecipeSheet {
  readonly name: string;
  readonly portions: number;
  readonly goesIn: readonly string[];
  /** What to pour, in a sentence. */
  readonly pour: string;
  readonly stages: readonly { readonly text: string; readonly minutes: number }[];
  /** What to be careful of. */
  readonly cautions: readonly string[];
  /** The day it was written down, as ISO 8601 has it. */
  readonly day: string;
}

/** Minutes as ISO 8601 has them: "PT1H5M". */
const durationOf = (minutes: number): string => {
  const whole = Math.max(0, Math.round(minutes));
  const [h, m] = [Math.floor(whole / 60), whole % 60];
  return `PT${h > 0 ? `${h.toString()}H` : ''}${m > 0 || h === 0 ? `${m.toString()}M` : ''}`;
};

/**
 * A dish as a Recipe of the vocabulary schema.org, in JSON-LD 1.1: amounts, the pour, stages with their times.
 * @returns plain data; `JSON.stringify` of it is the file
 * @example recipeJsonLd({ name: 'Pilaf', portions: 4, goesIn: [], pour: 'Pour.', stages: [], cautions: [], day: '2026-11-28' }).recipeYield // '4 portions'
 */
export function recipeJsonLd(sheet: RecipeSheet) {
  const { name, portions, goesIn, pour, stages, cautions, day } = sheet;
  const minutes = stages.reduce((sum, s) => sum + s.minutes, 0);
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name,
    dateCreated: day,
    recipeYield: portions === 1 ? '1 portion' : `${portions.toString()} portions`,
    recipeIngredient: goesIn,
    recipeInstructions: [
      { '@type': 'HowToStep', text: pour },
      ...stages.map(({ text, minutes: m }) => ({
        '@type': 'HowToStep',
        text,
        timeRequired: durationOf(m),
      })),
      ...cautions.map((text) => ({ '@type': 'HowToTip', text })),
    ],
    totalTime: durationOf(minutes),
  };
}

/** Characters that Markdown would take for its own. */
const escaped = (text: string): string => text.replaceAll(/[\\`*_[\]<>#|~]/gu, String.raw`\$&`);

/**
 * A dish as Markdown (CommonMark).
 * @example recipeMarkdown({ name: 'Pilaf', portions: 4, goesIn: [], pour: 'Pour.', stages: [], cautions: [], day: '2026-11-28' }).startsWith('# Pilaf') // true
 */
export function recipeMarkdown({ name, portions, goesIn, pour, stages, cautions }: RecipeSheet): string {
  return [
    `# ${escaped(name)}, for ${portions.toString()}`,
    '',
    ...goesIn.map((line) => `- ${escaped(line)}`),
    '',
    `**${escaped(pour)}**`,
    '',
    ...stages.map(({ text }, i) => `${(i + 1).toString()}. ${escaped(text)}`),
    ...(cautions.length > 0 ? ['', ...cautions.map((c) => `> ${escaped(c)}`)] : []),
    '',
  ].join('\n');
}
