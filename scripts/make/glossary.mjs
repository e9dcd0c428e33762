import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { root } from '../run/lib.mjs';

/**
 * The words of the code for CONTRIBUTING.md: each with the declaration that is it, whose own comment says what it means.
 * @type {readonly (readonly [term: string, file: string, declaration: string])[]}
 */
const TERMS = [
  ['account', 'packages/core/src/compute/account/term.ts', 'Term'],
  ['act', 'packages/core/src/basics/method/stage.ts', 'ACTS'],
  ['answer', 'packages/core/src/compute/account/answer.ts', 'Answer'],
  ['belief', 'packages/core/src/learning/belief.ts', 'Belief'],
  ['can size', 'packages/core/src/records/records.ts', 'CanSize'],
  ['chances', 'packages/core/src/compute/odds/chances.ts', 'Chances'],
  ['conflict', 'apps/web/src/sync/mergeConflict.ts', 'mergeConflict'],
  ['cooked stretches', 'packages/core/src/compute/stove/stretchesFromRun.ts', 'CookedStretches'],
  ['course', 'packages/core/src/compute/course/course.ts', 'CourseSeries'],
  ['doubt', 'packages/core/src/compute/account/doubt.ts', 'Doubt'],
  ['epoch', 'apps/server/src/guard/epoch.ts', 'EpochGuard'],
  ['evidence', 'packages/core/src/learning/belief.ts', 'Evidence'],
  ['inspection', 'packages/core/src/compute/odds/looks.ts', 'Look'],
  ['observation', 'packages/core/src/compute/stove/observation.ts', 'Observation'],
  ['odds', 'packages/core/src/compute/odds/odds.ts', 'Odds'],
  ['outbox', 'apps/web/src/sync/outbox.ts', 'Outbox'],
  ['override', 'packages/core/src/learning/belief.ts', 'Override'],
  ['pairing', 'apps/server/src/devices/pairing.ts', 'Pairing'],
  ['pending write', 'apps/web/src/sync/pendingWrite.ts', 'PendingWrite'],
  ['plan', 'packages/core/src/plan/input/planInput.ts', 'PlanInput'],
  ['pour', 'packages/core/src/compute/account/pours.ts', 'Pour'],
  ['pot sample', 'packages/core/src/compute/stove/potSamples.ts', 'PotSample'],
  ['posts', 'apps/web/src/ui/drawings/sling.ts', 'SlingFrame'],
  ['rescue', 'packages/core/src/compute/stove/rescues.ts', 'Rescue'],
  ['run', 'packages/core/src/compute/stove/runFromTaps.ts', 'RunState'],
  ['slack', 'apps/web/src/ui/drawings/sling.ts', 'slackOf'],
  ['sling', 'apps/web/src/ui/drawings/Sling.tsx', 'Sling'],
  ['stage', 'packages/core/src/basics/method/stage.ts', 'Stage'],
  ['stage end', 'packages/core/src/basics/method/stage.ts', 'StageEnd'],
  ['tap', 'packages/core/src/compute/stove/tap.ts', 'Tap'],
  ['write', 'apps/web/src/sync/pendingWrite.ts', 'Write'],
];

/**
 * What somebody new asks, the word to look for among the exported names, and the file that answers.
 * @type {readonly (readonly [question: string, word: string, file: string])[]}
 */
export const QUESTIONS = [
  ['How much water clings to rinsed grain?', 'cling', 'packages/core/src/basics/grain/preparing.ts'],
  ['How does the boiling point fall with height?', 'boil', 'packages/core/src/basics/heat/atmosphere.ts'],
  ['How surely is a verdict taken?', 'noise', 'packages/core/src/learning/noise.ts'],
  ['When does the alarm sound?', 'alarm', 'apps/web/src/instruments/alarm.ts'],
  ['What happens when two devices changed one thing?', 'conflict', 'apps/web/src/sync/mergeConflict.ts'],
  ['Where is a rescue put into words?', 'rescue', 'apps/web/src/words/stove/observationWords.ts'],
  ['How many stages may a plan have?', 'most_stages', 'packages/core/src/plan/input/ranges.ts'],
  ['How is a phone let in?', 'pairing', 'apps/server/src/devices/pairing.ts'],
  ['How much longer does a crust take?', 'crust', 'packages/core/src/basics/method/timing.ts'],
  ['Where is the size of a can remembered?', 'cansize', 'apps/web/src/stores/kitchen/canSizes.ts'],
  ['Which allergens are named?', 'allergen', 'packages/core/src/basics/larder/composition.ts'],
  ['How much steam is a whistle?', 'whistle', 'packages/core/src/basics/heat/constants.ts'],
  ['What can be undone?', 'undo', 'apps/web/src/stores/session/undo.ts'],
  ['Which migrations are there?', 'migration', 'apps/server/src/database/dataSource.ts'],
  ['What is refused after an erase or a restore?', 'epoch', 'apps/server/src/guard/epoch.ts'],
  ['How many requests may a device send?', 'rate', 'apps/server/src/common/rateWindow.ts'],
  ['How is a table written as CSV?', 'csv', 'apps/server/src/formats/csv.ts'],
  ['How is a dish made for more people?', 'scaleplan', 'packages/core/src/plan/input/scalePlan.ts'],
  ['What keeps the screen awake?', 'awake', 'apps/web/src/instruments/keepAwake.ts'],
  ['What moisture is wanted of a grain?', 'moisture', 'packages/core/src/basics/grain/moisture.ts'],
];

/** How a word is looked for: among exported names, tests, made files and what a cook reads left out. */
export const grepOf = (word) => [
  'grep',
  '-liE',
  `^export .*${word}`,
  '--',
  'packages/**/*.ts',
  'apps/**/*.ts',
  'apps/**/*.tsx',
  ':!*.spec.*',
  ':!*/testing/*',
  ':!*/words/screens/*',
  ':!*/words/ui/*',
];

/** The comment of a declaration, its tags left out, as one line. */
function commentOf(file, declaration) {
  const path = join(root, file);
  const source = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.ES2022, true);
  const named = source.statements.find((s) => {
    const names = ts.isVariableStatement(s) ? s.declarationList.declarations : [s];
    return names.some((n) => 'name' in n && /** @type {any} */ (n).name?.text === declaration);
  });
  if (!named) throw new Error(`${file} declares no ${declaration}`);
  const [doc] = ts.getJSDocCommentsAndTags(named);
  const text = doc && ts.isJSDoc(doc) ? ts.getTextOfJSDocComment(doc.comment) : undefined;
  if (!text) throw new Error(`${declaration} in ${file} says nothing of itself`);
  return text.replaceAll(/\s+/g, ' ').trim();
}

/** Both tables, in Markdown. */
export function glossary() {
  const cell = (text) => text.replaceAll('|', '\\|');
  const terms = TERMS.map(
    ([term, file, name]) => `| ${term} | ${cell(commentOf(file, name))} | \`${name}\` in ${file} |`,
  );
  const questions = QUESTIONS.map(([question, word, file]) => `| ${question} | \`${word}\` | ${file} |`);
  return [
    '| word | what it is | where |',
    '| --- | --- | --- |',
    ...terms,
    '',
    "Sling, posts and slack are the product's own picture: a load on a rope between two posts. Everything else is the trade's word.",
    '',
    '### Where is …?',
    '',
    'Look for the word among exported names: ``git grep -iE "^export .*WORD" -- ":!*/words/screens/*" ":!*/words/ui/*"``; the file is among the first three.',
    '',
    '| question | word | file |',
    '| --- | --- | --- |',
    ...questions,
  ].join('\n');
}
