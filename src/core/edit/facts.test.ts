import { describe, expect, it } from 'vitest';
import { after, CONTEXT, TODAY } from '../../../tests/after';
import { aPart, aPlan } from '../../../tests/sample-plan';
import { redraw } from '../layout/redraw';
import { inForce } from '../plan/happened';
import type { Plan } from '../plan/plan';
import { perform } from './edit';
import { call, keepFile, noteOn, setLoved, setOtherwise, takeBackFact } from './facts';
import { markDone } from './today';

const plan = redraw(
  aPlan(1, {}, (l) => [
    aPart('walk', l, { outdoors: true, indoors: 'Look at the pictures' }),
    aPart('do', l),
  ]),
  CONTEXT,
).plan;
const said = (p: Plan): (string | null)[][] =>
  inForce(p.entries).map((e) => [e.kind, e.partId, e.childId, e.note]);
const refused = (p: Plan, edit: Parameters<typeof perform>[0]): string => {
  const out = perform(edit, p, CONTEXT);
  return 'refused' in out ? out.refused : '';
};

describe('what is said on the spot', () => {
  it('is said once, and taken back', () => {
    const loved = after(plan, setLoved('do', 'c1', true, TODAY), setLoved('do', 'c1', true, TODAY));
    expect(said(loved)).toEqual([['loved', 'do', 'c1', '']]);
    expect(said(after(loved, setLoved('do', null, false, TODAY)))).toEqual(said(loved));
    expect(said(after(loved, setLoved('do', 'c1', false, TODAY)))).toEqual([]);
    expect(loved.entries.at(-1)!.about).toMatchObject({ child: 'c1', title: 'Part do', lesson: 'Lesson l1' });
  });

  it('names the form for indoors as it was, and says where there is none', () => {
    const inside = after(plan, setOtherwise('walk', true, TODAY));
    expect(said(inside)).toEqual([['otherwise', 'walk', null, 'Look at the pictures']]);
    expect(refused(plan, setOtherwise('do', true, TODAY))).toContain('has no form for indoors');
  });

  it('can be said as often as there is something to say: notes, and files of the work', () => {
    const file = `${'ab'.repeat(32)}.jpg`;
    const kept = after(plan, noteOn(null, null, 'Rain', TODAY), keepFile('do', 'c1', file, '', TODAY));
    const more = after(kept, noteOn('do', null, 'Slower', TODAY));
    expect(said(more)).toEqual([
      ['noted', null, null, 'Rain'],
      ['kept', 'do', 'c1', ''],
      ['noted', 'do', null, 'Slower'],
    ]);
    expect(more.entries.find((e) => e.kind === 'kept')!.file).toBe(file);
  });

  it('is a call until somebody has seen to it, and then it can be made again', () => {
    const called = after(plan, call('c1', 'help', 'do', TODAY));
    const seen = after(called, takeBackFact(called.entries.at(-1)!.id));
    expect(said(seen)).toEqual([]);
    expect(said(after(seen, call('c1', 'help', 'do', TODAY)))).toHaveLength(1);
  });

  it('is about something that is there, and what was done is not taken back with it', () => {
    expect(refused(plan, noteOn('gone', null, 'x', TODAY))).not.toBe('');
    expect(refused(plan, call('gone', 'early', null, TODAY))).not.toBe('');
    const done = after(plan, markDone('do', null, TODAY));
    expect(refused(done, takeBackFact(done.entries.at(-1)!.id))).toContain('where it was ticked');
  });
});
