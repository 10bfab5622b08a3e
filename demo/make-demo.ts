/**
 * Makes the demo family's plan, by the same edits a parent makes, and writes it as Hausplan JSON.
 * Everything in it is invented. Run with `npm run demo:make`; the file it writes is in the repository.
 */
import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { ean13Check } from '@/core/books/numbers';
import { addBook, putOnLesson } from '@/core/edit/books';
import { perform, type Edit } from '@/core/edit/edit';
import { addChild, setFamily, setRung } from '@/core/edit/family';
import { setYear } from '@/core/edit/year';
import { moveRung } from '@/core/edit/ladder';
import { addPart, type PartFields } from '@/core/edit/lessons';
import { didNotHappen, markDone } from '@/core/edit/today';
import { addContents, addUnit, type UnitFields } from '@/core/edit/units';
import { inkDays } from '@/core/edit/weeks';
import { readContents } from '@/core/formats/contents';
import { writeHausplanJson } from '@/core/formats/hausplan-json';
import { blankFamily, blankPart, blankUnit, blankYear } from '@/core/plan/blank';
import { canonical } from '@/core/plan/canonical';
import { lessonsOf } from '@/core/plan/lookup';
import type { Skill } from '@/core/plan/measures';
import { EMPTY_PLAN, type Plan, type Role } from '@/core/plan/plan';
import { FLEECE_BOOKS, type DemoBook } from './books';
import { BIRDS_CONTENTS, BRIDGES_CONTENTS, FLEECE_CONTENTS, FLEECE_PASSAGE } from './contents';

/** The day on which the demo stands still. */
export const DEMO_TODAY = '2026-10-28';

export function demoPlan(): Plan {
  let plan: Plan = EMPTY_PLAN;
  let count = 0;
  const edit = (change: Edit, today = '2026-08-24'): void => {
    const done = perform(change, plan, { today, newId: () => `demo-${String(++count).padStart(4, '0')}` });
    if ('refused' in done) throw new Error(done.refused);
    plan = canonical(done.plan);
  };
  const child = (name: string): string => plan.children.find((c) => c.name === name)!.id;
  const unit = (title: string): string => plan.units.find((u) => u.title === title)!.id;
  const lesson = (unitTitle: string, number: number): string => lessonsOf(plan, unit(unitTitle))[number - 1].id;

  edit(setFamily({ ...blankFamily, name: 'The house by the mill race', leadMinutes: 180, allergies: ['hazelnut'] }));
  edit(addChild({ name: 'Ottilie', birthMonth: '2014-05', hatch: 'diagonals', minutes: 170, mouths: false }));
  edit(addChild({ name: 'Bram', birthMonth: '2017-03', hatch: 'bars', minutes: 140, mouths: false }));
  edit(addChild({ name: 'Junia', birthMonth: '2020-06', hatch: 'dots', minutes: 110, mouths: false }));
  edit(addChild({ name: 'Pim', birthMonth: '2023-04', hatch: 'lattice', minutes: 80, mouths: true }));
  const stands: [string, Skill, 1 | 2 | 3 | 4 | 5][] = [['Bram', 'reading', 5], ['Bram', 'writing', 3], ['Bram', 'speaking', 4], ['Junia', 'speaking', 3], ['Junia', 'writing', 2], ['Ottilie', 'reckoning', 4]];
  for (const [name, skill, rung] of stands) edit(setRung(child(name), skill, rung));
  edit(setYear({
    ...blankYear, starts: '2026-08-31', ends: '2027-06-11', targetDays: 170,
    daysOff: [{ id: 'demo-off-1', first: '2026-12-21', last: '2027-01-01', label: 'midwinter', kind: 'off' }, { id: 'demo-off-2', first: '2027-03-26', last: '2027-03-29', label: 'spring visit', kind: 'off' }],
  }));

  const FLEECE = 'From Fleece to Cloth';
  const all = plan.children.map((c) => c.id);
  const fields = (over: Partial<UnitFields>): UnitFields => ({ ...blankUnit, title: '', starts: '2026-10-12', childIds: all, startKinds: ['read-aloud', 'tell-back', 'copying'], ...over });
  edit(addUnit(fields({
    title: FLEECE, wishedEnd: '2026-11-27', lessonsPerWeek: 3, passage: FLEECE_PASSAGE,
    bigIdeas: ['Cloth begins on a living animal and ends in many hands.', 'A twist makes a weak fibre strong.', 'Colour is chemistry that people found by cooking.', 'Trade roads and mills changed who made cloth, and for whom.'],
  })));
  edit(addUnit(fields({ title: 'Bridges and How They Stand', childIds: [child('Ottilie')], lessonsPerWeek: 2, startKinds: ['read-aloud', 'tell-back'] })));
  edit(addUnit(fields({ title: 'Birds of the Winter Garden', starts: '2026-11-30', lessonsPerWeek: 3, startKinds: ['read-aloud', 'tell-back'] })));
  edit(addContents(unit(FLEECE), readContents(FLEECE_CONTENTS)));
  edit(addContents(unit('Bridges and How They Stand'), readContents(BRIDGES_CONTENTS)));
  edit(addContents(unit('Birds of the Winter Garden'), readContents(BIRDS_CONTENTS)));

  FLEECE_BOOKS.forEach((book, i) => shelve(book, i));
  function shelve(book: DemoBook, i: number): void {
    const stem = `2${String(7_310_000_000 + i * 137).padStart(11, '0')}`;
    const { role, reader, on, unitTitle = FLEECE, ...rest } = book;
    const label = stem + ean13Check(stem);
    edit(addBook(unit(unitTitle), { authors: '', pages: null, place: 'hall shelf', ...rest, label }, role as Role, reader ? child(reader) : null));
    const pull = plan.pulls.find((p) => plan.books.find((b) => b.id === p.bookId)?.label === label)!;
    for (const [number, first, last] of on ?? []) edit(putOnLesson(pull.id, lesson(unitTitle, number), first ?? null, last ?? null));
  }

  const activity = (over: Partial<PartFields> & Pick<PartFields, 'title' | 'minutes'>): PartFields =>
    ({ ...blankPart, kind: 'activity', lead: 'leads', window: 'afternoon', ...over });
  const olders = ['Ottilie', 'Bram', 'Junia'].map(child);
  const onFleece = (number: number, over: Parameters<typeof activity>[0]): void => edit(addPart(lesson(FLEECE, number), activity(over)));
  onFleece(1, { title: 'Draw the breeds', minutes: 20, lead: 'near' });
  onFleece(2, { title: 'Open out a fleece', minutes: 35 });
  onFleece(3, { title: 'Wash a fleece', minutes: 40, waitAfterHours: 24, waitLabel: 'dries' });
  onFleece(3, { title: 'Tease it apart', minutes: 25, lead: 'near' });
  onFleece(4, { title: 'Card and comb', minutes: 35 });
  onFleece(5, { title: 'Spindle', minutes: 35, childIds: olders });
  onFleece(6, { title: 'A wheel from card', minutes: 30, lead: 'near', childIds: olders });
  onFleece(7, { title: 'Felt balls', minutes: 35, waitAfterHours: 14, waitLabel: 'dries' });
  onFleece(7, { title: 'Weigh and cut the felt', minutes: 15, lead: 'near' });
  onFleece(8, { title: 'Dye pot', minutes: 60, childIds: olders, waitAfterHours: 48, waitLabel: 'dries' });
  onFleece(8, { title: 'Compare with the guesses', minutes: 15, lead: 'near', childIds: olders });
  onFleece(9, { title: 'Sheep farm visit', minutes: 75, window: 'morning', fixedDate: '2026-10-30' });
  onFleece(10, { title: 'Map of the blue roads', minutes: 30, childIds: olders });
  onFleece(11, { title: 'Warp a frame loom', minutes: 40 });
  onFleece(16, { title: 'Talk evening, a run through', minutes: 40, fixedDate: '2026-11-27' });
  for (const number of [4, 6, 10, 12, 13, 14, 15]) onFleece(number, { title: 'Wall hanging, a strip', minutes: 15, lead: 'near' });
  edit(moveRung(lesson(FLEECE, 8), child('Bram'), 1));

  // Two weeks taught, with a day in bed: what was not done that Thursday was done on the Friday.
  edit(inkDays('2026-10-12', '2026-10-30'));
  const teach = (until: string): void => {
    for (const s of [...plan.sittings].filter((x) => x.date < until)) if (!plan.marks.some((m) => m.partId === s.partId && m.outcome === 'done')) edit(markDone(s.partId, null, s.date), s.date);
  };
  teach('2026-10-22');
  const ill = plan.sittings.filter((s) => s.date === '2026-10-22' && s.state === 'ink');
  for (const s of ill) edit(didNotHappen(s.partId, '2026-10-22', true), '2026-10-22');
  edit(inkDays('2026-10-19', '2026-10-30'), '2026-10-23');
  teach(DEMO_TODAY);
  const first = plan.sittings.find((s) => s.date === DEMO_TODAY && plan.parts.find((p) => p.id === s.partId)?.kind === 'read-aloud');
  if (first) edit(markDone(first.partId, null, DEMO_TODAY), DEMO_TODAY);
  return plan;
}

if (process.argv[1] === fileURLToPath(import.meta.url)) writeFileSync(new URL('./fleece.json', import.meta.url), writeHausplanJson(demoPlan()));
