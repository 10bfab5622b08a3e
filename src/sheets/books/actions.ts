'use server';
import { z } from 'zod';
import { addBook, editBook, pullBook, putBack, putOnLesson, setRole, takeOffLesson } from '@/core/edit/books';
import { id } from '@/core/plan/measures';
import { book } from '@/core/plan/book';
import { role, type Plan } from '@/core/plan/plan';
import { act } from '../frame/act';
import { given } from '../frame/given';
import type { Outcome } from '../frame/outcome';
import { typedNumber } from './book-number';

const bookFields = book.omit({ id: true }).extend({ label: typedNumber });
const placing = z.strictObject({ role, childId: id.nullable() });
const page = z.int('a page is a whole number').min(1, 'pages begin at 1').max(9999).nullable();

const titleOf = (plan: Plan, pullId: string): string => `“${plan.books.find((b) => b.id === plan.pulls.find((p) => p.id === pullId)?.bookId)?.title ?? 'a book'}”`;
const numberOf = (plan: Plan, lessonId: string): number => {
  const unitId = plan.lessons.find((l) => l.id === lessonId)?.unitId;
  return plan.lessons.filter((l) => l.unitId === unitId).findIndex((l) => l.id === lessonId) + 1;
};

export async function newBook(base: number, unitId: string, input: unknown, placed: unknown): Promise<Outcome> {
  return act({
    base, input: { book: input, placed }, shape: z.strictObject({ book: bookFields, placed: placing }),
    label: (v) => `Put “${v.book.title}” on the shelf`, edit: (v) => addBook(unitId, v.book, v.placed.role, v.placed.childId),
  });
}

export async function changeBook(base: number, bookId: string, input: unknown): Promise<Outcome> {
  return act({ base, input, shape: bookFields.partial(), label: (_, plan) => `Changed “${plan.books.find((b) => b.id === bookId)?.title ?? 'a book'}”`, edit: (v) => editBook(bookId, given(v, input)) });
}

export async function pull(base: number, unitId: string, bookId: string, placed: unknown): Promise<Outcome> {
  return act({ base, input: placed, shape: placing, label: (_, plan) => `Pulled “${plan.books.find((b) => b.id === bookId)?.title ?? 'a book'}”`, edit: (v) => pullBook(unitId, bookId, v.role, v.childId) });
}

export async function changeRole(base: number, pullId: string, placed: unknown): Promise<Outcome> {
  return act({ base, input: placed, shape: placing, label: (_, plan) => `Gave ${titleOf(plan, pullId)} another role`, edit: (v) => setRole(pullId, v.role, v.childId) });
}

export async function backToShelf(base: number, pullId: string): Promise<Outcome> {
  return act({ base, input: pullId, shape: id, label: (v, plan) => `Put ${titleOf(plan, v)} back`, edit: putBack });
}

export async function placePages(base: number, input: unknown): Promise<Outcome> {
  return act({
    base, input, shape: z.strictObject({ pullId: id, lessonId: id, firstPage: page, lastPage: page }),
    label: (v, plan) => `Put ${titleOf(plan, v.pullId)} on lesson ${numberOf(plan, v.lessonId)}`, edit: (v) => putOnLesson(v.pullId, v.lessonId, v.firstPage, v.lastPage),
  });
}

export async function takeOff(base: number, useId: string): Promise<Outcome> {
  return act({ base, input: useId, shape: id, label: () => 'Took a book off a lesson', edit: takeOffLesson });
}
