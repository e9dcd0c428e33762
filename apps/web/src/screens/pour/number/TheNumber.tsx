import { rowOf } from '../../../stores/kitchen/ownLarder.js';
import { type Answer, type Measure, type RuleAnswer, type Texture } from '@hammock/core';
import { useDraft } from '../../../stores/plan/draft.js';
import { Button } from '../../../ui/controls/Button.js';
import { showPour } from '../../../words/measures/amounts.js';
import { textureName, textureWords } from '../../../words/plan/textureWords.js';
import { POUR_UNITS, useUnit, useUnits, type PourUnit } from '../../../stores/kitchen/units.js';
import { FigureText } from '../../../ui/drawings/FigureText.js';
import { Segments } from '../../../ui/controls/Segments.js';
import { Sling } from '../../../ui/drawings/Sling.js';
import * as w from '../../../words/screens/pourNumber.js';
import { Emphasis } from '../../../ui/controls/Emphasis.js';

export interface TheNumberProps {
  readonly answer: Answer;
  readonly measures: readonly Measure[];
  readonly wanted: Texture;
  /** What to keep hot by, ml, where the odds know it better than the account. */
  readonly keepMl?: number | undefined;
}

/** The one number, hanging between too dry and too wet. */
export function TheNumber({ answer, measures, wanted, keepMl }: TheNumberProps) {
  const unit = useUnit();
  const metric = unit !== 'cups';
  const { pour, pours, keepBy, window, additions } = answer;
  const first = pours.length > 1 ? pours[0] : undefined;
  const name = rowOf(pour.ingredientId)?.name.toLowerCase() ?? '';
  const { usual } = answer;
  const none = answer.verdict !== 'pour' || pour.ml <= 0;
  const density = rowOf(pour.ingredientId)?.densityGPerMl ?? 1;
  const shown = showPour(pour.ml, measures, unit, density);
  const keep = showPour(keepMl ?? keepBy.ml, measures, metric);
  return (
    <section aria-label={w.whatToPour} className="short:contents">
      <div className="short:order-2">
        <div className="flex justify-between text-[1rem] font-semibold">
          <span className="text-husk">{w.tooDryUnderMl(round(window.hardMl))}</span>
          <span className="text-right text-water">{w.tooWetOverMl(round(window.mushMl))}</span>
        </div>
        <Sling
          hardMl={window.hardMl}
          mushMl={window.mushMl}
          lowMl={window.lowMl}
          highMl={window.highMl}
          pourMl={pour.ml}
          doubtMl={answer.doubt.g}
          wanted={textureName(wanted)}
          usualMl={usual?.ml}
          label={w.theAnswerHangsAtMl(
            round(pour.ml),
            round(window.hardMl),
            round(window.mushMl),
            textureName(wanted),
            round(window.lowMl),
            round(window.highMl),
          )}
        />
      </div>
      {usual && <Usual usual={usual} held={answer.held?.rule === 'usual'} wanted={wanted} />}
      {first && (
        <p className="mt-3 mb-0 text-[1.35rem] short:m-0">
          {w.allOf(showPour(first.ml, measures, metric).main)}{' '}
          <strong className="text-water">{rowOf(first.ingredientId)?.name.toLowerCase()}</strong>
          {w.then}
        </p>
      )}
      <div className="mt-3 short:m-0">
        <Figure text={none ? w.nothing : shown.main} />
        {!none && (
          <div className="mt-2 flex flex-wrap items-center gap-x-3 text-[1.35rem]">
            <span className="font-bold text-water">{name}</span>
            <span data-testid="pour-other">{shown.other}</span>
            {shown.roughly !== undefined && (
              <span className="text-faint">{w.withWhatYouOwn(shown.roughly)}</span>
            )}
            <span className="sm:ml-auto">
              <Segments<PourUnit>
                label={w.showThePourIn}
                value={unit}
                options={POUR_UNITS.map((u) => [u, u])}
                onChange={(next) => useUnits.setState({ unit: next })}
              />
            </span>
          </div>
        )}
      </div>
      {none && answer.verdict === 'nothing' && (
        <p className="mt-3 mb-0 text-[1.15rem] short:order-3">
          <Emphasis text={w.noAtAllTheBase(name, keep.main)} />
        </p>
      )}
      {!none && answer.pots > 1 && (
        <p className="mt-2 mb-0 text-[1.15rem] short:order-3">
          <Emphasis text={w.intoEachOfPotsWith(answer.pots, Math.round(answer.grainG))} />
        </p>
      )}
      {!none && additions.laterMl > 0 && (
        <p className="mt-2 mb-0 text-[1.15rem] short:order-3">
          <Emphasis
            text={w.nowHotAndLater(
              showPour(additions.nowMl, measures, metric).main,
              showPour(additions.laterMl, measures, metric).main,
            )}
          />
        </p>
      )}
      {!none && (
        <p className="mt-3 mb-0 text-[1.15rem] short:order-3">
          <Emphasis
            text={w.fromToMlItComes(
              round(window.lowMl),
              round(window.highMl),
              textureName(wanted),
              keep.main,
            )}
          />
          {answer.held && (
            <>
              {' '}
              <Emphasis text={w.byThisRuleItComesOut(textureWords(answer.comesOut.texture))} />
            </>
          )}
        </p>
      )}
    </section>
  );
}

/** What the cook usually pours beside the answer, what would come of it, and holding to it. */
function Usual({
  usual: { ml, texture },
  held,
  wanted,
}: {
  readonly usual: RuleAnswer;
  readonly held: boolean;
  readonly wanted: Texture;
}) {
  const { setSpec } = useDraft.getState();
  const right = Math.abs(texture - wanted) <= 0.5;
  return (
    <p className="m-0 mt-2 flex flex-wrap items-center gap-x-3 short:m-0" data-testid="usual">
      <span>
        <span aria-hidden className="font-bold text-ember">
          ○
        </span>{' '}
        <Emphasis text={w.youUsuallyPourMl(round(ml), right ? w.asYouWantIt : '', textureWords(texture))} />
      </span>
      <Button weight="plain" onClick={() => (held ? setSpec({}, ['holdTo']) : setSpec({ holdTo: 'usual' }))}>
        {held ? w.pourWhatIsWorkedOut : w.holdToIt}
      </Button>
    </p>
  );
}

/** Number large, its unit smaller, what is added to it smaller still: legible from two metres. */
function Figure({ text }: { readonly text: string }) {
  const [first = '', ...more] = text.split(' + ');
  const [, count = '', unit = first] = /^([\d¼½¾⅓⅔⅛⅜⅝⅞ /]+)\s(.+)$/u.exec(first) ?? [];
  return (
    <span data-testid="pour-main" className="figures flex flex-wrap items-baseline gap-x-4 gap-y-1">
      <span className="text-[clamp(5.5rem,15vw,9.5rem)] short:text-[5.5rem]">
        <FigureText text={count.trim()} />
      </span>{' '}
      <span className="text-[clamp(3.2rem,7vw,5rem)] short:text-[3rem]">{unit}</span>{' '}
      {more.length > 0 && (
        <span className="text-[clamp(2.6rem,5.4vw,4.25rem)] short:text-[2.4rem]">
          <FigureText text={`+ ${more.join(' + ')}`} />
        </span>
      )}
    </span>
  );
}

const round = (ml: number): string => (Math.round(ml / 5) * 5).toString();
