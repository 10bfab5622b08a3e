import { minutesAlone, minutesAloud, pagesOf, WORDS_PER_PAGE } from '@/core/books/reading';
import { gradeOf } from '@/core/ladder/age';
import { byId, lessonsOf } from '@/core/plan/lookup';
import type { Book } from '@/core/plan/book';
import type { Role } from '@/core/plan/plan';
import type { HatchName } from '@/kit/hatch';
import { load, type FrameInfo, type SearchParams } from '../frame/load';

export interface PulledBook {
  pullId: string;
  book: Book;
  role: Role;
  reader: { id: string; name: string; hatch: HatchName } | null;
  /** Pages on each lesson, in the unit's order; null where it is not used. */
  cells: ({ useId: string; text: string; firstPage: number | null; lastPage: number | null } | null)[];
  /** How long all of its use takes, and how it was worked out. */
  takes: string;
}

export interface BooksView {
  info: FrameInfo;
  unitTitle?: string;
  unitId?: string;
  lessons: { id: string; number: number; title: string }[];
  pulled: PulledBook[];
  /** Topics of the brainstorm to find a book for. */
  wanted: string[];
  /** Books on the shelf that are not pulled for this unit. */
  shelf: Book[];
  children: { id: string; name: string; hatch: HatchName }[];
  covered: number;
  aloudMinutes: number;
}

const ORDER: Role[] = ['spine', 'together', 'own', 'basket', 'reference'];

export async function loadBooks(params: SearchParams): Promise<BooksView> {
  const { plan, info, unit } = await load(params);
  if (!unit) return { info, lessons: [], pulled: [], shelf: plan.books, children: [], covered: 0, aloudMinutes: 0, wanted: [] };
  const lessons = lessonsOf(plan, unit.id).map(({ id, number, title }) => ({ id, number, title }));
  const books = byId(plan.books);
  const children = plan.children.filter((c) => unit.childIds.includes(c.id));
  let aloudMinutes = 0;
  const pulled = plan.pulls.filter((p) => p.unitId === unit.id).map((pull): PulledBook => {
    const book = books.get(pull.bookId)!;
    const reader = children.find((c) => c.id === pull.childId) ?? null;
    const uses = plan.uses.filter((u) => u.pullId === pull.id);
    const words = uses.reduce((sum, u) => sum + pagesOf(u, book.pages) * (WORDS_PER_PAGE[book.form] ?? 0), 0);
    const aloud = pull.role === 'spine' || pull.role === 'together';
    if (aloud) aloudMinutes += minutesAloud(words);
    return {
      pullId: pull.id, book, role: pull.role,
      reader: reader && { id: reader.id, name: reader.name, hatch: reader.hatch },
      cells: lessons.map((l) => {
        const use = uses.find((u) => u.lessonId === l.id);
        return use ? { useId: use.id, firstPage: use.firstPage, lastPage: use.lastPage, text: pagesText(use.firstPage, use.lastPage) } : null;
      }),
      takes: words === 0 ? '' : aloud ? `${minutesAloud(words)} min aloud, about ${words} words` : pull.role === 'own' && reader ? `${minutesAlone(words, gradeOf(reader.birthMonth, unit.starts))} min alone, about ${words} words` : '',
    };
  }).sort((a, b) => ORDER.indexOf(a.role) - ORDER.indexOf(b.role));
  return {
    wanted: plan.ideas.filter((i) => i.unitId === unit.id && i.becomes === 'book topic').map((i) => i.text),
    info, unitTitle: unit.title, unitId: unit.id, lessons, pulled, aloudMinutes,
    shelf: plan.books.filter((b) => !pulled.some((p) => p.book.id === b.id)),
    children: children.map(({ id, name, hatch }) => ({ id, name, hatch })),
    covered: lessons.filter((_, i) => pulled.some((p) => p.cells[i])).length,
  };
}

const pagesText = (first: number | null, last: number | null): string => (first === null ? 'all' : last && last !== first ? `${first}–${last}` : String(first));
