import { TEXTURES } from '@hammock/core';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { TEXTURE } from '../../words/words.js';
import { ChoiceInput, TextInput } from './inputs.js';
import * as w from '../../words/screens/kitchen.js';

/** How this household's words lie beside ours. */
const SOFTER: Readonly<Record<string, string>> = {
  '-1': w.aStepFirmer,
  '-0.5': w.halfAStepFirmer,
  '0': w.theSameAsHere,
  '0.5': w.halfAStepSofter,
  '1': w.aStepSofter,
};
const LONGEST_NAME = 24;

/** The five steps of texture in this household's words, and whether its soft is softer than ours. */
export function TextureScale() {
  const names = useKitchen((s) => s.household.textureNames);
  const softer = useKitchen((s) => s.household.softerSteps);
  const setHousehold = useKitchen((s) => s.setHousehold);
  const rename = (step: number, name: string): void =>
    setHousehold({ textureNames: TEXTURES.map((t) => (t === step ? name : (names?.[t - 1] ?? ''))) });
  return (
    <section className="hung" aria-labelledby="texture-scale">
      <h2 id="texture-scale" className="m-0 text-[1.35rem] font-bold">
        {w.yourWordsForTexture}
      </h2>
      <div className="mt-2 grid gap-x-8 gap-y-3 sm:grid-cols-3 lg:grid-cols-6">
        {TEXTURES.map((t) => (
          <TextInput
            key={t}
            label={w.is(TEXTURE[t])}
            value={names?.[t - 1] ?? ''}
            placeholder={TEXTURE[t]}
            most={LONGEST_NAME}
            onChange={(name) => rename(t, name)}
            problem={undefined}
          />
        ))}
        <ChoiceInput
          label={w.yourWordsMean}
          value={(softer ?? 0).toString()}
          words={SOFTER}
          inOrder={Object.keys(SOFTER).sort((a, b) => Number(a) - Number(b))}
          onChange={(v) => setHousehold({ softerSteps: v === '0' ? null : Number(v) })}
        />
      </div>
      <p className="mt-2 mb-0 text-faint">{w.everyNumberAndEveryComes}</p>
    </section>
  );
}
