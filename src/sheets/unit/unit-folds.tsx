'use client';
/** What of a unit is folded away: its words, how the family goes about it, its place in the year. */
import { SEASONS, SHOWS, TASTES } from '@/core/plan/words';
import { Choose } from '@/kit/choose';
import { Checkbox, FieldRow, NumberField, TextField, Two } from '@/kit/field';
import { Fold } from '@/kit/fold';
import { Ticks } from '@/kit/ticks';
import type { UnitView } from './load';
import { lines, readWords, type UnitFormState } from './unit-fields';

export function UnitFolds({
  form: { value, set, error },
  people,
  others,
  isNew,
}: {
  form: UnitFormState;
  people: UnitView['children'];
  others: UnitView['others'];
  isNew: boolean;
}) {
  const inUnit = people.filter((c) => value.childIds.includes(c.id));
  return (
    <div>
      <Fold
        title="Words, memory work, a passage"
        message={[
          `${readWords(value.vocabulary).length} words`,
          value.memoryWork ? `${lines(value.memoryWork).length} to learn by heart` : '',
          value.passage ? 'a passage' : '',
        ]
          .filter(Boolean)
          .join(', ')}
        open={isNew}
      >
        <Two>
          <TextField
            label="Vocabulary"
            help="One to a line, with its meaning if you like: mordant: what makes a dye hold."
            rows={5}
            value={value.vocabulary}
            onChange={(v) => set('vocabulary', v)}
            error={error('vocabulary')}
          />
          <TextField
            label="Memory work"
            help="One to a line: a poem, a rule, a list of dates."
            rows={5}
            value={value.memoryWork}
            onChange={(v) => set('memoryWork', v)}
            error={error('memoryWork')}
          />
        </Two>
        <TextField
          label="Passage to copy"
          help="A poem or a few lines, as written. Each child copies as much as their rung gives; a lesson may have its own."
          rows={6}
          value={value.passage}
          onChange={(v) => set('passage', v)}
          error={error('passage')}
        />
      </Fold>
      <Fold
        title="How we go about it"
        message={
          [
            value.taste.join(', '),
            value.subjects,
            value.moneyLimit ? `up to ${value.moneyLimit}` : '',
            Object.keys(value.shows).length ? 'ways of showing' : '',
          ]
            .filter(Boolean)
            .join(' · ') || 'taste, ways of showing, limits'
        }
      >
        <Ticks
          label="We like"
          all={TASTES.map((t) => ({ value: t, name: TASTE_NAMES[t] }))}
          value={value.taste}
          onChange={(v) => set('taste', v)}
        />
        <FieldRow>
          {inUnit.map((c) => (
            <Choose
              key={c.id}
              label={`${c.name} shows it by`}
              value={value.shows[c.id] ?? 'tell back'}
              onChange={(v) => set('shows', { ...value.shows, [c.id]: v })}
              choices={SHOWS.map((s) => ({ value: s, name: SHOW_NAMES[s] }))}
            />
          ))}
        </FieldRow>
        <TextField
          label="Counts for"
          placeholder="history, art"
          help="Subjects, commas between: all that is done in it counts for them, beside what its kind of work counts for."
          value={value.subjects}
          onChange={(v) => set('subjects', v)}
          error={error('subjects')}
        />
        <FieldRow>
          <TextField
            label="Money, at most"
            placeholder="40"
            value={value.moneyLimit}
            onChange={(v) => set('moneyLimit', v)}
            error={error('moneyLimit') && 'Write a sum, such as 40 or 12.50.'}
          />
          <NumberField
            label="Minutes a week to prepare, at most"
            value={value.prepLimit}
            onChange={(v) => set('prepLimit', v)}
            min={0}
            max={1440}
            error={error('prepLimit')}
          />
        </FieldRow>
      </Fold>
      <Fold
        title="Its place in the year"
        message={
          [
            value.waiting ? 'waiting' : '',
            value.after === 'nothing'
              ? ''
              : `after “${others.find((u) => u.id === value.after)?.title ?? ''}”`,
            value.season === 'any' ? '' : value.season,
            value.deeper ? 'comes back deeper' : '',
            value.wish,
          ]
            .filter(Boolean)
            .join(' · ') || 'season, who asked for it, whether it waits'
        }
      >
        <FieldRow>
          <Choose
            label="Best in"
            value={value.season}
            onChange={(v) => set('season', v)}
            choices={[{ value: 'any', name: 'any season' }, ...SEASONS.map((s) => ({ value: s, name: s }))]}
          />
          {others.length ? (
            <Choose
              label="Begins after"
              help="In a row: on the school day after that one has ended."
              value={value.after}
              onChange={(v) => set('after', v)}
              choices={[
                { value: 'nothing', name: 'its own start' },
                ...others.map((u) => ({ value: u.id, name: u.title })),
              ]}
            />
          ) : null}
          <Choose
            label="Asked for by"
            value={value.askedBy}
            onChange={(v) => set('askedBy', v)}
            choices={[
              { value: 'nobody', name: 'you' },
              ...people.map((c) => ({ value: c.id, name: c.name })),
            ]}
          />
          <TextField
            label="Why then"
            placeholder="new skills early, outdoors in spring"
            value={value.wish}
            onChange={(v) => set('wish', v)}
            error={error('wish')}
          />
        </FieldRow>
        <Checkbox isSelected={value.deeper} onChange={(v) => set('deeper', v)}>
          Taught before; comes back deeper
        </Checkbox>
        <Checkbox isSelected={value.waiting} onChange={(v) => set('waiting', v)}>
          It waits: its lessons stand on no day yet
        </Checkbox>
      </Fold>
    </div>
  );
}

const TASTE_NAMES: Record<(typeof TASTES)[number], string> = {
  outdoors: 'being outdoors',
  table: 'work at the table',
  art: 'art',
  film: 'films',
  music: 'music',
  cooking: 'cooking',
};
const SHOW_NAMES: Record<(typeof SHOWS)[number], string> = {
  'tell back': 'telling it back',
  'notebook page': 'a notebook page',
  'folded booklet': 'a folded booklet',
  checklist: 'a checklist',
  quiz: 'a quiz',
  talk: 'a talk',
  nothing: 'nothing, this time',
};
