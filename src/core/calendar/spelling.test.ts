import { describe, expect, it } from 'vitest';
import { spelt } from './spelling';

describe('our own words in another spelling', () => {
  it.each([
    ['Trace in two colours, for “Natural colour”', 'Trace in two colors, for “Natural colour”'],
    ['Colour the neighbour’s house grey', 'Color the neighbor’s house gray'],
    ['what you learnt, and a programme of it', 'what you learned, and a program of it'],
    ['a metre of fibre; a thermometer; programmed', 'a meter of fiber; a thermometer; programmed'],
    ['Practise it; practice is half of it', 'Practice it; practice is half of it'],
    ['labelled, modelling, mouldy, moulder', 'labeled, modeling, moldy, moulder'],
  ])('%s', (british, american) => {
    expect(spelt(british, 'American')).toBe(american);
    expect(spelt(british, 'British')).toBe(british);
  });
});
