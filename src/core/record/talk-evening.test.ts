import { describe, expect, it } from 'vitest';
import { after, TODAY } from '../../../tests/after';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { setLoved } from '../edit/facts';
import { setRung } from '../edit/family';
import { markDone } from '../edit/today';
import { redraw } from '../layout/redraw';
import { proposedTalks, promptsOn, talkTimes, topicsToTalkOn } from './talk-evening';

const plan = after(
  redraw(
    aPlan(4, {}, (l) => [aPart(`${l}-a`, l)]),
    { today: TODAY },
  ).plan,
  markDone('l1-a', null, '2026-08-31'),
  markDone('l2-a', null, '2026-09-02'),
  markDone('l3-a', 'c2', '2026-09-03'),
  setLoved('l1-a', null, true, '2026-08-31'),
);
const [unit] = plan.units;
const [elder, younger] = plan.children;

describe('what a child could talk on', () => {
  it('is what was loved first, then what was taught last, and only what that child took part in', () => {
    expect(topicsToTalkOn(plan, unit, elder, TODAY).topics).toEqual(['Lesson l1', 'Lesson l2']);
    expect(topicsToTalkOn(plan, unit, younger, TODAY).topics).toEqual([
      'Lesson l1',
      'Lesson l3',
      'Lesson l2',
    ]);
  });

  it('is longer, with more to answer, on a higher rung', () => {
    const on = (rung: 1 | 5): ReturnType<typeof topicsToTalkOn> => {
      const placed = after(plan, setRung(elder.id, 'speaking', rung));
      return topicsToTalkOn(placed, unit, placed.children[0], TODAY);
    };
    expect(on(5).minutes).toBeGreaterThan(on(1).minutes);
    expect(on(5).prompts.length).toBeGreaterThan(on(1).prompts.length);
    expect(promptsOn(on(1).prompts, 'The weir')[0]).toBe('Show us something from “The weir”');
  });

  it('is nothing before anything was taught', () => {
    const untaught = { ...plan, entries: [] };
    expect(topicsToTalkOn(untaught, unit, elder, TODAY).topics).toEqual([]);
    expect(proposedTalks(untaught, unit, TODAY)).toEqual([]);
  });
});

describe('an evening', () => {
  it('begins with the youngest, and no two speak on one thing while there is another', () => {
    const talks = proposedTalks(plan, unit, TODAY);
    expect(talks.map((t) => [t.childId, t.topic])).toEqual([
      ['c2', 'Lesson l1'],
      ['c1', 'Lesson l2'],
    ]);
    const times = talkTimes({ starts: 1110, talks });
    expect(times[0]).toBe(1110);
    expect(times[1]).toBeGreaterThanOrEqual(1110 + talks[0].minutes);
  });

  it('leaves out who is not in the unit', () => {
    expect(proposedTalks(plan, { ...unit, childIds: ['c1'] }, TODAY).map((t) => t.childId)).toEqual(['c1']);
  });
});
