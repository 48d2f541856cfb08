import type { ConversionBody } from '@yellowmist/contract';
import { Cutaway } from '../../draw/Cutaway';
import { momentOf } from '../../draw/moment';
import { useSeen } from '../../ui/useSeen';
import { useUnits } from '../../state/useUnits';
import { coverNow, turnOf } from './faces';
import { useEvaluation } from './useEvaluation';
import * as texts from './texts';

const COAT_PX = 44;
const MOST_PX_PER_MM = 30;

/** The cutaway of a dish as it comes out: of the pot, or of the air fryer once it has been converted. */
export function DishPicture({
  body,
  side,
  labelled = false,
}: {
  body: Omit<ConversionBody, 'versions'>;
  side: 'pot' | 'air';
  labelled?: boolean;
}) {
  const { say } = useUnits();
  const [frame, seen] = useSeen<HTMLDivElement>();
  const { evaluated } = useEvaluation(seen ? body : null);
  if (!evaluated) return <div ref={frame} className={`w-full ${labelled ? 'aspect-[322/262]' : 'aspect-[204/262]'}`} />;
  const { question, food, foodMm } = evaluated;
  const inAir = side === 'air' && evaluated.air !== null;
  const result = inAir ? evaluated.air! : evaluated.fried;
  const { layers, series } = result;
  const coatMm = layers.reduce((sum, l) => sum + l.thicknessM * 1000, 0);
  const moment = momentOf(
    series,
    layers,
    series.timeS.length - 1,
    turnOf(question, inAir ? 'air' : 'pot'),
    result.sauce,
  );
  return (
    <Cutaway
      food={food}
      foodMm={foodMm}
      moment={moment}
      medium={inAir ? 'air' : 'oil'}
      oiled={question.plan && inAir ? coverNow(question.plan, Infinity) : undefined}
      onParchment={question.plan?.settings.under === 'parchment'}
      coatScale={Math.min(MOST_PX_PER_MM, COAT_PX / Math.max(coatMm, 0.2))}
      labelled={labelled}
      say={say}
      title={texts.centre(
        food.name,
        side === 'air' ? texts.outOfAirFryer : texts.outOfPot,
        say(moment.centreC, 'temperature'),
      )}
    />
  );
}
