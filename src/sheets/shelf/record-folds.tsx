'use client';
/** What of a book is folded away: what is in it, and whom it suits. */
import { PREVIEWS } from '@/core/plan/words';
import { Choose } from '@/kit/choose';
import { Checkbox, FieldRow, NumberField, Several, TextField, Two } from '@/kit/field';
import { Fold } from '@/kit/fold';
import { readChapters, readTopics, type RecordFormState } from './record-fields';

export function RecordFolds({
  form: { value, set, error },
  childrenOfFamily,
}: {
  form: RecordFormState;
  childrenOfFamily: { id: string; name: string }[];
}) {
  const chapters = readChapters(value.chapters);
  return (
    <div>
      <Fold
        title="What is in it"
        message={
          [
            chapters.length ? `${chapters.length} chapters` : '',
            value.topics.trim() ? `${readTopics(value.topics).length} topics` : '',
          ]
            .filter(Boolean)
            .join(', ') || 'chapters from its contents page, topics with their pages'
        }
      >
        <Two>
          <TextField
            label="Contents"
            help={
              chapters.length
                ? `${chapters.length} chapters read, ${chapters.filter((c) => c.page).length} with a page`
                : 'Paste its contents page.'
            }
            rows={6}
            value={value.chapters}
            onChange={(v) => set('chapters', v)}
            error={error('chapters')}
          />
          <TextField
            label="Topics"
            help="One to a line, with pages if you like: Mordants 33-35."
            rows={6}
            value={value.topics}
            onChange={(v) => set('topics', v)}
            error={error('topics')}
          />
        </Two>
      </Fold>
      <Fold
        title="Whom it suits"
        message={[
          value.listenFrom || value.listenTo
            ? `to listen ${value.listenFrom ?? ''}–${value.listenTo ?? ''}`
            : '',
          value.readFrom || value.readTo ? `to read ${value.readFrom ?? ''}–${value.readTo ?? ''}` : '',
          value.preview,
        ]
          .filter(Boolean)
          .join(' · ')}
      >
        <FieldRow>
          <NumberField
            label="To listen to, from age"
            value={value.listenFrom}
            onChange={(v) => set('listenFrom', v)}
            min={0}
            max={21}
          />
          <NumberField
            label="to age"
            value={value.listenTo}
            onChange={(v) => set('listenTo', v)}
            min={0}
            max={21}
          />
          <NumberField
            label="To read alone, from age"
            value={value.readFrom}
            onChange={(v) => set('readFrom', v)}
            min={0}
            max={21}
          />
          <NumberField
            label="up to age"
            value={value.readTo}
            onChange={(v) => set('readTo', v)}
            min={0}
            max={21}
          />
        </FieldRow>
        <FieldRow>
          <Choose
            label="Looked through"
            value={value.preview}
            onChange={(v) => set('preview', v)}
            choices={PREVIEWS.map((p) => ({
              value: p,
              name: {
                'not seen': 'not seen yet',
                fine: 'fine',
                parts: 'parts of it',
                'not for': 'not for some of the children',
              }[p],
            }))}
          />
          <TextField
            label="Why"
            placeholder="the wolf on p. 30"
            value={value.previewNote}
            onChange={(v) => set('previewNote', v)}
            error={error('previewNote')}
          />
        </FieldRow>
        {value.preview === 'not for' ? (
          <Several>
            <legend>Not for</legend>
            {childrenOfFamily.map((c) => (
              <Checkbox
                key={c.id}
                isSelected={value.notFor.includes(c.id)}
                onChange={(on) =>
                  set(
                    'notFor',
                    childrenOfFamily
                      .map((x) => x.id)
                      .filter((x) => (x === c.id ? on : value.notFor.includes(x))),
                  )
                }
              >
                {c.name}
              </Checkbox>
            ))}
          </Several>
        ) : null}
      </Fold>
    </div>
  );
}
