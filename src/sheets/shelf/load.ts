import { duplicates } from '@/core/books/duplicates';
import type { Book } from '@/core/plan/book';
import { groupBy } from '@/core/plan/lookup';
import { load, type FrameInfo, type SearchParams } from '../frame/load';

/** A book in the list, and what it can be found by. */
export interface ShelfRow extends Pick<
  Book,
  | 'id'
  | 'title'
  | 'authors'
  | 'label'
  | 'form'
  | 'pages'
  | 'place'
  | 'language'
  | 'source'
  | 'state'
  | 'stateNote'
  | 'preview'
  | 'topics'
  | 'chapters'
> {
  /** Titles of the units it is pulled for. */
  units: string[];
}

export interface ShelfView {
  info: FrameInfo;
  rows: ShelfRow[];
  children: { id: string; name: string }[];
  twice: { by: 'number' | 'work'; books: { id: string; title: string; message: string }[] }[];
}

export async function loadShelf(params: SearchParams): Promise<ShelfView> {
  const { plan, info } = await load(params);
  const units = new Map(plan.units.map((u) => [u.id, u.title]));
  const pulls = groupBy(plan.pulls, (p) => p.bookId);
  const books = new Map(plan.books.map((b) => [b.id, b]));
  return {
    info,
    rows: plan.books.map(
      ({
        id,
        title,
        authors,
        label,
        form,
        pages,
        place,
        language,
        source,
        state,
        stateNote,
        preview,
        topics,
        chapters,
      }) => ({
        id,
        title,
        authors,
        label,
        form,
        pages,
        place,
        language,
        source,
        state,
        stateNote,
        preview,
        topics,
        chapters,
        units: (pulls.get(id) ?? []).map((p) => units.get(p.unitId) ?? ''),
      }),
    ),
    children: plan.children.map(({ id, name }) => ({ id, name })),
    twice: duplicates(plan.books).map((t) => ({
      by: t.by,
      books: t.ids.map((id) => {
        const b = books.get(id)!;
        return {
          id,
          title: b.title,
          message: [b.authors, b.form, b.pages ? `${b.pages} pages` : '', b.label, b.place]
            .filter(Boolean)
            .join(' · '),
        };
      }),
    })),
  };
}
