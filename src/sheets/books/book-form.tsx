'use client';
/** A book: what it is, and its role in this unit. */
import { Choose } from '@/kit/choose';
import { FormDialog } from '@/kit/form-dialog';
import { blankBook } from '@/core/plan/blank';
import type { Role } from '@/core/plan/plan';
import { BOOK_FORMS } from '@/core/plan/words';
import { FieldRow, TextField } from '@/kit/field';
import { Hatch, type HatchName } from '@/kit/hatch';
import { ByForm, byFormFields, withPlayers } from '../frame/shelf/by-form';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { changeBook, newBook } from './actions';
import { PILES } from './roles';
import type { PulledBook } from './load';

export function BookForm({
  unitId,
  childrenOfUnit,
  pulled,
  firstRole,
  onClose,
}: {
  unitId: string;
  childrenOfUnit: { id: string; name: string; hatch: HatchName }[];
  pulled?: PulledBook;
  firstRole: Role;
  onClose: () => void;
}) {
  const { act } = useAct();
  const book = pulled?.book;
  const form = useForm({
    title: book?.title ?? '',
    authors: book?.authors ?? '',
    label: book?.label ?? '',
    ...byFormFields(book ?? { ...blankBook, form: 'book' }),
    place: book?.place ?? '',
  });
  const roleForm = useForm({ role: firstRole, childId: childrenOfUnit[0]?.id ?? '' });
  const { value, set, error } = form;
  const { role, childId } = roleForm.value;
  const faults = (found: { where: string; what: string }[]): void =>
    form.takeFaults(found.map((f) => ({ ...f, where: f.where.replace(/^book\./, '') })));
  const save = (): void =>
    book
      ? act((base) => changeBook(base, book.id, withPlayers(value)), { faults, then: onClose })
      : act(
          (base) =>
            newBook(base, unitId, withPlayers(value), {
              role,
              childIds: role === 'own' && childId ? [childId] : [],
            }),
          { faults, then: onClose },
        );
  return (
    <FormDialog
      title={book ? `Change “${book.title}”` : 'Add a book'}
      verb={book ? 'Keep' : 'Add'}
      onSubmit={save}
      onClose={onClose}
    >
      <TextField
        label="Title"
        autoFocus
        value={value.title}
        onChange={(v) => set('title', v)}
        error={error('title')}
      />
      <TextField
        label="Authors"
        value={value.authors}
        onChange={(v) => set('authors', v)}
        error={error('authors')}
      />
      <FieldRow>
        <Choose
          label="Form"
          value={value.form}
          onChange={(v) => set('form', v)}
          choices={BOOK_FORMS.map((f) => ({ value: f, name: f }))}
        />
        <ByForm form={form} />
      </FieldRow>
      <FieldRow>
        <TextField
          label="ISBN or home label"
          value={value.label}
          onChange={(v) => set('label', v)}
          error={error('label')}
        />
        <TextField
          label="Where it lives"
          value={value.place}
          onChange={(v) => set('place', v)}
          error={error('place')}
        />
      </FieldRow>
      {book ? null : (
        <FieldRow>
          <Choose
            label="Role in this unit"
            value={role}
            onChange={(v) => roleForm.set('role', v)}
            choices={PILES.map((r) => ({ value: r.role, name: `${r.name}: ${r.means}` }))}
          />
          {role === 'own' ? (
            <Choose
              label="Who reads it"
              value={childId}
              onChange={(v) => roleForm.set('childId', v)}
              choices={childrenOfUnit.map((c) => ({
                value: c.id,
                name: c.name,
                mark: <Hatch name={c.hatch} />,
              }))}
            />
          ) : null}
        </FieldRow>
      )}
      <button type="submit" hidden />
    </FormDialog>
  );
}
