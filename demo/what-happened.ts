/** What the demo family wrote down beside its ticks: minutes, what was loved, days beside the unit, what was asked and known. */
import type { Edit } from '@/core/edit/edit';
import { attend, judge, setAsked, setChecked, setLoved } from '@/core/edit/facts';
import { setCounting } from '@/core/edit/household';
import { setPrinted } from '@/core/edit/ready';
import { noteTook } from '@/core/edit/today';
import { editUnit } from '@/core/edit/units';
import { lessonsOf } from '@/core/plan/lookup';
import type { Plan } from '@/core/plan/plan';
import { DEMO_TODAY } from './day';

/** Days of sums and spelling beside the first unit, when nothing else stood. */
const BESIDE = [
  ...['2026-09-01', '2026-09-03', '2026-09-08', '2026-09-10', '2026-09-15', '2026-09-17', '2026-09-22'],
  ...['2026-09-24', '2026-09-28', '2026-10-01'],
];

export function writeWhatHappened(
  edit: (change: Edit, on?: string) => void,
  now: () => Plan,
  { willow, fleece }: { willow: string; fleece: string },
): void {
  const child = (name: string): string => now().children.find((c) => c.name === name)!.id;
  const older = ['Ottilie', 'Bram', 'Junia'].map(child);
  const all = now().children.map((c) => c.id);
  const part = (title: string): string => now().parts.find((p) => p.title === title)!.id;
  const dayOf = (partId: string): string => now().marks.find((m) => m.partId === partId)!.date;

  // Of the unit that is closed.
  edit(editUnit(willow, { hopedWeeks: 5 }), DEMO_TODAY);
  for (const [title, minutes] of [
    ['Weave a small basket', 60],
    ['Bind a raft of rushes', 56],
    ['Build an eel trap for the shelf', 65],
  ] as const)
    edit(noteTook(part(title), null, minutes, dayOf(part(title))), DEMO_TODAY);
  for (const title of ['Bind a raft of rushes', 'Build an eel trap for the shelf'])
    edit(setLoved(part(title), null, true, dayOf(part(title))), DEMO_TODAY);
  const tells = lessonsOf(now(), willow).map(
    (l) => now().parts.find((p) => p.lessonId === l.id && p.kind === 'tell-back')!.id,
  );
  for (const id of older.slice(0, 2)) edit(setPrinted(tells.slice(9), id, true, '2026-09-18'), DEMO_TODAY);
  edit(judge({ partId: part('Bind a raft of rushes') }, 3, 'Cut the rushes a week before.', DEMO_TODAY));
  edit(judge({ partId: part('Weave a small basket') }, 2, 'Two afternoons, not one.', DEMO_TODAY));

  // What stood in no lesson.
  for (const date of BESIDE)
    edit(attend(older, 'Sums and spelling', 60, ['mathematics', 'language'], date), DEMO_TODAY);
  edit(attend(all, 'The weir at Lower Mill', 150, ['science'], '2026-10-02'), DEMO_TODAY);

  // What was asked, and what is met so far.
  const word = (text: string): string =>
    now()
      .units.flatMap((u) => u.vocabulary)
      .find((v) => v.word === text)!.id;
  const asked = (who: string, text: string, ...marks: (readonly [string, number])[]): void =>
    marks.forEach(([date, grade]) => edit(setAsked(word(text), child(who), grade, date), date));
  for (const who of ['Ottilie', 'Bram', 'Junia']) {
    asked(who, 'carding', ['2026-10-15', 3], ['2026-10-21', who === 'Junia' ? 2 : 3]);
    asked(who, 'whorl', ['2026-10-20', who === 'Ottilie' ? 4 : 2]);
  }
  asked('Ottilie', 'vat', ['2026-10-26', 3]);
  asked('Bram', 'vat', ['2026-10-26', 1]);
  const met = (wording: RegExp, who: string, grade: number, date: string, note: string): void =>
    edit(
      setChecked(
        { objectiveId: now().objectives.find((o) => wording.test(o.wording))!.id },
        child(who),
        grade,
        date,
        {
          note,
        },
      ),
      DEMO_TODAY,
    );
  met(/^Name four steps/, 'Ottilie', 3, '2026-10-21', 'what was said');
  met(/^Name four steps/, 'Bram', 3, '2026-10-21', 'what was said');
  met(/^Name four steps/, 'Junia', 2, '2026-10-21', 'what was said: with the pictures before her');
  met(/^Explain why twist/, 'Ottilie', 3, '2026-10-26', 'a piece of work');
  met(/^Explain why twist/, 'Bram', 2, '2026-10-26', 'what was said');

  edit(
    setCounting({ recall: { minutes: 8, retention: 90, reward: 'Honey cakes at the mill race.' } }),
    DEMO_TODAY,
  );
  edit(
    editUnit(fleece, {
      talks: {
        date: '2026-11-27',
        starts: 1110,
        talks: [
          { childId: child('Junia'), topic: 'Washing the fleece', minutes: 3 },
          { childId: child('Bram'), topic: 'The spindle', minutes: 4 },
          { childId: child('Ottilie'), topic: 'What makes a dye hold', minutes: 8 },
        ],
      },
    }),
    DEMO_TODAY,
  );
}
