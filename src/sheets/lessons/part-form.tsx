'use client';
/** A part: what, how long, who, what you must do, when, and what it needs. */
import { Choose } from '@/kit/choose';
import { FormDialog } from '@/kit/form-dialog';
import styled from 'styled-components';
import { weekdayName } from '@/core/calendar/dates';
import { OVERNIGHT_HOURS } from '@/core/formats/activity-line';
import { agesInWords } from '@/core/plan/age';
import { readSupplies, suppliesText, supplyText } from '@/core/formats/supplies';
import type { Part, PartKind } from '@/core/plan/lesson';
import { WORKED_OUT_KINDS } from '@/core/plan/words';
import { PlainButton } from '@/kit/button';
import { DateField } from '@/kit/date-field';
import { Checkbox, FieldRow, NumberField, TextField, Two } from '@/kit/field';
import { Fold } from '@/kit/fold';
import { Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { savePart } from './actions';
import type { LessonsView } from './load';
import {
  KINDS,
  LEAD_CHOICES,
  leaders,
  preparationsText,
  readPreparations,
  whenBefore,
  WINDOW_CHOICES,
  YOU,
} from '../frame/part-words';
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
  const first = KINDS.find((k) => k.value === kind)!;
  const form = useForm({
    kind: part?.kind ?? kind,
    title: part?.title ?? first.title,
    minutes: part ? part.minutes : (30 as number | null),
    lead: part?.lead ?? first.lead,
    adultId: part?.adultId ?? YOU,
    ageFrom: part?.ageFrom ?? null,
    ageTo: part?.ageTo ?? null,
    window: part?.window ?? ('any' as NonNullable<Part['window']> | 'any'),
    childIds: part ? part.childIds : null,
    directions: part?.directions ?? '',
    prediction: part?.prediction ?? '',
    outdoors: part?.outdoors ?? (kind === 'walk' || kind === 'trip'),
    indoors: part?.indoors ?? '',
    supplies: suppliesText(part?.supplies ?? []).replaceAll('; ', '\n'),
    preparations: preparationsText(part?.preparations ?? []),
    needs: (part?.needs ?? []).join(', '),
    optional: part?.optional ?? false,
    fixedDate: part?.fixedDate ?? null,
    weekday: String(part?.weekday ?? 'any'),
    earliest: part?.earliest ?? null,
    latest: part?.latest ?? null,
    waitAfterHours: part?.waitAfterHours ?? (0 as number | null),
    waitLabel: part?.waitLabel ?? '',
  });
  const { value, set, error } = form;
  const worked = WORKED_OUT_KINDS.includes(value.kind);
  const supplies = readSupplies(value.supplies);
  const preparations = readPreparations(value.preparations);
  const save = (): void =>
    act(
      (base) =>
        savePart(base, where, part?.id ?? null, {
          ...value,
          adultId: value.adultId === YOU ? null : value.adultId,
          window: value.window === 'any' ? null : value.window,
          waitAfterHours: value.waitAfterHours ?? 0,
          weekday: value.weekday === 'any' ? null : Number(value.weekday),
          supplies,
          preparations,
          needs: value.needs
            .split(',')
            .map((n) => n.trim())
            .filter(Boolean),
        }),
      { faults: form.takeFaults, then: onClose },
    );
  const wait = (hours: number, label: string): void => {
    set('waitAfterHours', hours);
    set('waitLabel', label);
  };
  const when = [
    value.fixedDate ? 'a fixed date' : '',
    value.weekday !== 'any' ? `${weekdayName(Number(value.weekday))}s` : '',
    value.optional ? 'may be left out' : '',
  ]
    .filter(Boolean)
    .join(', ');
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
        <Choose
          label={value.adultId === YOU ? 'You' : 'They'}
          value={value.lead}
          onChange={(v) => set('lead', v)}
          choices={LEAD_CHOICES}
        />
        {adults.length ? (
          <Choose
            label="Who leads"
            value={value.adultId}
            onChange={(v) => set('adultId', v)}
            choices={leaders(adults)}
          />
        ) : null}
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
      <div>
        <Fold
          title="Wait after it"
          message={
            value.waitAfterHours
              ? `${value.waitLabel || 'waits'} ${value.waitAfterHours} h`
              : 'nothing dries or freezes'
          }
          open={!!part?.waitAfterHours}
        >
          <FieldRow>
            <NumberField
              label="Hours to wait after it"
              help="Nights and weekends count."
              value={value.waitAfterHours}
              onChange={(v) => set('waitAfterHours', v)}
              min={0}
              max={1440}
              error={error('waitAfterHours')}
            />
            <TextField
              label="The wait"
              placeholder="dries"
              value={value.waitLabel}
              onChange={(v) => set('waitLabel', v)}
              error={error('waitLabel')}
            />
          </FieldRow>
          <Quick>
            <PlainButton onPress={() => wait(24, 'dries')}>Dries a day</PlainButton>
            <PlainButton onPress={() => wait(48, 'dries')}>Dries two days</PlainButton>
            <PlainButton onPress={() => wait(OVERNIGHT_HOURS, 'stands')}>Stands overnight</PlainButton>
            <PlainButton
              onPress={() =>
                set(
                  'preparations',
                  [value.preparations, 'Freeze it, evening before'].filter(Boolean).join('\n'),
                )
              }
            >
              Frozen the evening before
            </PlainButton>
            <PlainButton onPress={() => wait(0, '')}>No wait</PlainButton>
          </Quick>
        </Fold>
        <Fold title="When" message={when || 'whenever the lesson falls'} open={!!when}>
          <FieldRow>
            <DateField
              label="Fixed date"
              help="Only if it cannot move."
              value={value.fixedDate}
              onChange={(v) => set('fixedDate', v)}
              error={error('fixedDate')}
            />
            <Choose
              label="Only on"
              value={value.weekday}
              onChange={(v) => set('weekday', v)}
              choices={[
                { value: 'any', name: 'any weekday' },
                ...weekdays.map((d) => ({ value: String(d), name: weekdayName(d) })),
              ]}
            />
            <DateField
              label="Not before"
              value={value.earliest}
              onChange={(v) => set('earliest', v)}
              error={error('earliest')}
            />
            <DateField
              label="Not after"
              value={value.latest}
              onChange={(v) => set('latest', v)}
              error={error('latest')}
            />
          </FieldRow>
          <Checkbox isSelected={value.optional} onChange={(v) => set('optional', v)}>
            May be left out when days run short
          </Checkbox>
        </Fold>
        <Fold
          title="How, and where"
          message={
            [
              value.directions ? 'directions' : '',
              value.prediction ? 'a guess first' : '',
              value.outdoors ? 'outdoors' : '',
              value.needs,
              agesInWords(value.ageFrom, value.ageTo),
            ]
              .filter(Boolean)
              .join(', ') || 'directions, a guess first, outdoors, things that exist once'
          }
          open={
            !!(
              part &&
              (part.directions ||
                part.prediction ||
                part.outdoors ||
                part.needs.length ||
                part.ageFrom ||
                part.ageTo)
            )
          }
        >
          <TextField
            label="Directions"
            rows={4}
            value={value.directions}
            onChange={(v) => set('directions', v)}
            error={error('directions')}
          />
          <TextField
            label="Guess first"
            placeholder="What will happen, and why?"
            help="Asked before it is shown; the guesses are compared after."
            value={value.prediction}
            onChange={(v) => set('prediction', v)}
            error={error('prediction')}
          />
          <FieldRow>
            <TextField
              label="Needs, of which there is one"
              placeholder="laptop, kitchen"
              value={value.needs}
              onChange={(v) => set('needs', v)}
              error={error('needs')}
            />
            <TextField
              label="Indoors instead"
              placeholder="if the weather is against it"
              value={value.indoors}
              onChange={(v) => set('indoors', v)}
              error={error('indoors')}
            />
          </FieldRow>
          <Checkbox isSelected={value.outdoors} onChange={(v) => set('outdoors', v)}>
            Outdoors
          </Checkbox>
          <FieldRow>
            <NumberField
              label="Meant for ages from"
              value={value.ageFrom}
              onChange={(v) => set('ageFrom', v)}
              min={0}
              max={21}
              error={error('ageFrom')}
            />
            <NumberField
              label="Up to age"
              value={value.ageTo}
              onChange={(v) => set('ageTo', v)}
              min={0}
              max={21}
              error={error('ageTo')}
            />
          </FieldRow>
        </Fold>
      </div>
      <Quiet>
        Cautions show beside the part once it is kept, from its words, its supplies and who is in the house.
      </Quiet>
      <button type="submit" hidden />
    </FormDialog>
  );
}

const Quick = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
`;
