/** The family's year before: three units taught, days in bed, a reading log; closed in June. Everything in it is invented. */
import { addBook, putOnLesson, removeBook } from '@/core/edit/books';
import type { Edit } from '@/core/edit/edit';
import { noteReading } from '@/core/edit/loans';
import { markDone } from '@/core/edit/today';
import { addContents, addUnit } from '@/core/edit/units';
import { dropInIllness, setYear } from '@/core/edit/year';
import { closeYear } from '@/core/edit/years';
import { readContents } from '@/core/formats/contents';
import { blankBook, blankUnit, blankYear } from '@/core/plan/blank';
import { lessonsOf } from '@/core/plan/lookup';
import type { Plan } from '@/core/plan/plan';

interface Taught {
  title: string;
  starts: string;
  perWeek: number;
  book: { title: string; authors: string; pages: number };
  lessons: string[];
  /** Days in bed meanwhile. */
  ill?: [string, string];
}

const UNITS: Taught[] = [
  {
    title: 'Bread from Grain to Crust',
    starts: '2025-09-08',
    perWeek: 2,
    book: { title: 'The Miller’s Crust', authors: 'A. Wendel', pages: 64 },
    lessons: [
      'A field of grasses',
      'Reaping and threshing',
      'The mill stone turns',
      'Flour, fine and coarse',
      'What makes dough rise',
      'Ovens, old and new',
      'Breads of many tables',
      'A loaf of our own',
    ],
    ill: ['2025-09-22', '2025-09-24'],
  },
  {
    title: 'Frost and Thaw',
    starts: '2026-01-12',
    perWeek: 3,
    book: { title: 'Ice on the Weir', authors: 'J. Hallin', pages: 54 },
    lessons: [
      'Why water floats when it freezes',
      'Snow under a lens',
      'Beasts that sleep the winter',
      'Ice houses and ice carts',
      'Frost that splits a stone',
      'The thaw comes down the river',
    ],
  },
  {
    title: 'The Pond Below the Mill',
    starts: '2026-04-13',
    perWeek: 2,
    book: { title: 'Under the Pond', authors: 'Marit Olle', pages: 72 },
    lessons: [
      'Who lives at the edge',
      'Who lives in the mud',
      'From spawn to frog',
      'Wings that were under water',
      'Plants that float',
      'A map of our pond',
    ],
    ill: ['2026-05-04', '2026-05-04'],
  },
];

/** @param edit makes a change on a day. @param now the plan as it is by then. */
export function teachEarlierYear(edit: (change: Edit, today: string) => void, now: () => Plan): void {
  const START = '2025-08-25';
  const child = (name: string): string => now().children.find((c) => c.name === name)!.id;
  edit(
    setYear({
      ...blankYear,
      starts: '2025-09-01',
      ends: '2026-06-12',
      targetDays: 160,
      daysOff: [
        { id: 'demo-e-off', first: '2025-12-22', last: '2026-01-02', label: 'midwinter', kind: 'off' },
      ],
    }),
    START,
  );
  for (const taught of UNITS) {
    edit(
      addUnit({
        ...blankUnit,
        title: taught.title,
        starts: taught.starts,
        lessonsPerWeek: taught.perWeek,
        childIds: now().children.map((c) => c.id),
        startKinds: ['read-aloud', 'tell-back'],
      }),
      START,
    );
    const unitId = now().units.at(-1)!.id;
    edit(addContents(unitId, readContents(taught.lessons.join('\n'))), START);
    edit(addBook(unitId, { ...blankBook, form: 'book', ...taught.book }, 'spine'), START);
    const pull = now().pulls.find((p) => p.unitId === unitId)!;
    const pages = Math.floor(taught.book.pages / taught.lessons.length);
    lessonsOf(now(), unitId).forEach((l, i) =>
      edit(putOnLesson(pull.id, l.id, i * pages + 1, (i + 1) * pages), START),
    );
    if (taught.ill) edit(dropInIllness(...taught.ill, 'in bed'), taught.ill[0]);
    for (const s of [...now().sittings].filter((x) => x.date < '2026-06-12'))
      if (!now().marks.some((m) => m.partId === s.partId && m.outcome === 'done'))
        edit(markDone(s.partId, null, s.date), s.date);
  }
  const read = (who: string, title: string, date: string, pages: number, minutes: number): void =>
    edit(
      noteReading({
        childId: child(who),
        bookId: now().books.find((b) => b.title === title)!.id,
        date,
        pages,
        minutes,
      }),
      date,
    );
  read('Ottilie', 'The Miller’s Crust', '2025-09-16', 12, 11);
  read('Ottilie', 'Ice on the Weir', '2026-01-20', 16, 13);
  read('Bram', 'Ice on the Weir', '2026-01-22', 10, 16);
  read('Bram', 'Under the Pond', '2026-04-21', 12, 17);
  read('Ottilie', 'Under the Pond', '2026-05-12', 20, 15);
  edit(
    closeYear({
      starts: '2026-08-31',
      ends: '2027-06-11',
      unitIds: [],
      ruleIds: [],
      questionIds: [],
      leadMinutes: 240,
      childMinutes: {
        [child('Ottilie')]: 260,
        [child('Bram')]: 230,
        [child('Junia')]: 200,
        [child('Pim')]: 130,
      },
    }),
    '2026-06-20',
  );
  // They were passed on.
  for (const book of now().books) edit(removeBook(book.id), '2026-06-20');
}
