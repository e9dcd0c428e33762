import { TEXTURES } from '@hammock/core';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { TEXTURE } from '../../words/words.js';
import { ChoiceInput, TextInput } from './inputs.js';

/** How this household's words lie beside ours. */
const SOFTER: Readonly<Record<string, string>> = {
  '-1': 'a step firmer',
  '-0.5': 'half a step firmer',
  '0': 'the same as here',
  '0.5': 'half a step softer',
  '1': 'a step softer',
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
        Your words for texture
      </h2>
      <div className="mt-2 grid gap-x-8 gap-y-3 sm:grid-cols-3 lg:grid-cols-6">
        {TEXTURES.map((t) => (
          <TextInput
            key={t}
            label={`“${TEXTURE[t]}” is`}
            value={names?.[t - 1] ?? ''}
            placeholder={TEXTURE[t]}
            most={LONGEST_NAME}
            onChange={(name) => rename(t, name)}
            problem={undefined}
          />
        ))}
        <ChoiceInput
          label="Your words mean"
          value={(softer ?? 0).toString()}
          words={SOFTER}
          inOrder={Object.keys(SOFTER).sort((a, b) => Number(a) - Number(b))}
          onChange={(v) => setHousehold({ softerSteps: v === '0' ? null : Number(v) })}
        />
      </div>
      <p className="mt-2 mb-0 text-faint">
        Every number and every “comes out” goes by it. A step is nearly three points of water in the cooked
        grain.
      </p>
    </section>
  );
}
