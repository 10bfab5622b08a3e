import { describe, expect, it } from 'vitest';
import { perform } from '../edit/edit';
import { blankFamily } from '../plan/blank';
import { EMPTY_PLAN } from '../plan/plan';
import { saveFamily } from './family';

describe('saying anew who the family is', () => {
  it('leaves how things are counted as it was', () => {
    const shape = saveFamily.shape.parse({
      name: 'Mill house',
      leadMinutes: 200,
      allergies: ['eggs'],
    });
    const counted = {
      ...blankFamily,
      name: 'Before',
      recall: { minutes: 20, retention: 95, reward: 'tea' },
      hours: 'shared' as const,
    };
    const done = perform(
      saveFamily.edit(shape, undefined, shape),
      { ...EMPTY_PLAN, family: counted },
      { today: '2026-08-31', newId: () => 'n' },
    );
    expect('plan' in done && done.plan.family).toEqual({
      ...counted,
      name: 'Mill house',
      leadMinutes: 200,
      allergies: ['eggs'],
    });
  });
});
