'use client';
/** Which model of handwriting the family copies from: print letters for beginners, joined ones later. */
import { HAND_NAMES } from '@/core/ladder/hand-models';
import { JOINED_HANDS, PRINT_HANDS, type JoinedHand, type PrintHand } from '@/core/plan/words';
import { Choose } from '@/kit/choose';
import { FieldRow } from '@/kit/field';
import { Quiet } from '@/kit/text';
import { InHand } from '../frame/hand/in-hand';
import { useAct } from '../frame/use-act';
import { saveHands } from './actions';
import { Ruled } from './ruled';

const SAMPLE = 'Wool on the hill';

export function Handwriting({ hands }: { hands: { print: PrintHand; joined: JoinedHand } | null }) {
  const { act } = useAct();
  const now = hands ?? { print: 'print-guides' as const, joined: 'joined-us' as const };
  const choose = (change: Partial<typeof now>): void => act((base) => saveHands(base, { ...now, ...change }));
  return (
    <section aria-labelledby="handwriting">
      <Ruled id="handwriting">Handwriting</Ruled>
      <Quiet>
        Pages to copy and to trace are written in these. Who joins letters goes by age, or as you say at the
        child.
      </Quiet>
      <FieldRow>
        <div>
          <Choose
            label="Print letters"
            value={now.print}
            onChange={(v) => choose({ print: v as PrintHand })}
            choices={PRINT_HANDS.map((h) => ({ value: h, name: HAND_NAMES[h] }))}
          />
          <Sample hand={now.print} />
        </div>
        <div>
          <Choose
            label="Joined letters"
            value={now.joined}
            onChange={(v) => choose({ joined: v as JoinedHand })}
            choices={JOINED_HANDS.map((h) => ({ value: h, name: HAND_NAMES[h] }))}
          />
          <Sample hand={now.joined} />
        </div>
      </FieldRow>
    </section>
  );
}

const Sample = ({ hand }: { hand: PrintHand | JoinedHand }) => (
  <div style={{ fontSize: 30, lineHeight: 1.9 }}>
    <InHand hand={hand}>{SAMPLE}</InHand>
  </div>
);
