'use client';
/** A part: what, how long, who, what you must do, when, and what it needs. */
import { readSupplies, supplyText } from '@/core/formats/supplies';
import type { Part, PartKind } from '@/core/plan/lesson';
import { WORKED_OUT_KINDS } from '@/core/plan/words';
import { Choose } from '@/kit/choose';
import { FieldRow, NumberField, TextField, Two } from '@/kit/field';
import { FormDialog } from '@/kit/form-dialog';
import { Quiet } from '@/kit/text';
import { KINDS } from '@/core/plan/part-kinds';
import {
  LEAD_CHOICES,
  leadersOrEither,
  readPreparations,
  whenBefore,
  WINDOW_CHOICES,
  YOU,
} from '../frame/part-words';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { savePart } from './actions';
import type { LessonsView } from './load';
import { fieldsOf, partFrom } from './part-fields';
import { PartFolds } from './part-folds';
import { WhoTakesPart, type Taker } from './who';

export interface PartFormProps {
  /** The lesson it is in, or the unit itself. */
  where: { lessonId: string } | { unitId: string };
  part?: Part;
  kind?: PartKind;
  childrenOfUnit: Taker[];
  adults: LessonsView['adults'];
  weekdays: number[];
  onClose: () => void;
}

export function PartForm({
  where,
  part,
  kind = 'activity',
  childrenOfUnit,
  adults,
  weekdays,
  onClose,
}: PartFormProps) {
  const { act } = useAct();
  const form = useForm(fieldsOf(part, kind));
  const { value, set, error } = form;
  const worked = WORKED_OUT_KINDS.includes(value.kind);
  const supplies = readSupplies(value.supplies);
  const preparations = readPreparations(value.preparations);
  const save = (): void =>
    act((base) => savePart(base, where, part?.id ?? null, partFrom(value)), {
      faults: form.takeFaults,
      then: onClose,
    });
  return (
    <FormDialog
      title={part ? `Change “${part.title}”` : 'Another part'}
      wide
      verb={part ? 'Keep' : 'Add'}
      onSubmit={save}
      onClose={onClose}
    >
      <FieldRow>
        <Choose
          label="Kind"
          value={value.kind}
          choices={KINDS}
          error={error('kind')}
          onChange={(next) => {
            const { title, lead } = KINDS.find((k) => k.value === next)!;
            if (!value.title || KINDS.some((k) => k.title && k.title === value.title)) set('title', title);
            set('kind', next);
            set('lead', lead);
            if (WORKED_OUT_KINDS.includes(next)) set('minutes', null);
            else if (value.minutes === null) set('minutes', 30);
            if (next === 'walk' || next === 'trip') set('outdoors', true);
          }}
        />
        <NumberField
          label="Minutes"
          help={worked ? 'Empty: worked out from pages and the ladder.' : undefined}
          value={value.minutes}
          onChange={(v) => set('minutes', v)}
          min={0}
          max={720}
          error={error('minutes')}
        />
        {adults.length ? (
          <Choose
            label="Who leads"
            value={value.leader}
            onChange={(v) => set('leader', v)}
            choices={leadersOrEither(adults)}
          />
        ) : null}
        <Choose
          label={value.leader === YOU ? 'You' : 'They'}
          value={value.lead}
          onChange={(v) => set('lead', v)}
          choices={LEAD_CHOICES}
        />
        <Choose
          label="Best in the"
          value={value.window}
          onChange={(v) => set('window', v)}
          choices={WINDOW_CHOICES}
        />
      </FieldRow>
      <TextField
        label="What to do"
        autoFocus
        value={value.title}
        onChange={(v) => set('title', v)}
        error={error('title')}
      />
      <WhoTakesPart people={childrenOfUnit} childIds={value.childIds} onChange={(v) => set('childIds', v)} />
      <Two>
        <TextField
          label="Supplies"
          help={
            supplies.length
              ? `Read as: ${supplies.map(supplyText).join(' · ')}`
              : 'One to a line: alum 12 g, paper 2 sheets each.'
          }
          rows={4}
          value={value.supplies}
          onChange={(v) => set('supplies', v)}
          error={error('supplies')}
        />
        <TextField
          label="Get ready"
          help={
            preparations.length
              ? preparations.map((p) => `${p.what}: ${whenBefore(p.daysBefore)}`).join(' · ')
              : 'One to a line: soak the skeins, evening before.'
          }
          rows={4}
          value={value.preparations}
          onChange={(v) => set('preparations', v)}
          error={error('preparations')}
        />
      </Two>
      <PartFolds form={form} part={part} weekdays={weekdays} />
      <Quiet>
        Cautions show beside the part once it is kept, from its words, its supplies and who is in the house.
      </Quiet>
      <button type="submit" hidden />
    </FormDialog>
  );
}
