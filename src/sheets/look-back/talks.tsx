'use client';
/** The evening on which the children say what they know: topics, order, times; who spoke, counts. */
import { spelt } from '@/core/calendar/spelling';
import { clockText } from '@/core/calendar/dates';
import { promptsOn, talkTimes, topicBeside } from '@/core/record/talk-evening';
import { Button, PlainButton } from '@/kit/button';
import { Choose } from '@/kit/choose';
import { DateField } from '@/kit/date-field';
import { Checkbox, FieldRow, FieldStack, NumberField, TextField } from '@/kit/field';
import { ChildName } from '@/kit/hatch';
import { Link } from '@/kit/link';
import { Column, Heading, Quiet } from '@/kit/text';
import { TimeField } from '@/kit/time-field';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { giveTalk, saveTalks } from './actions';
import type { LookBackView } from './load';
import { useCustoms } from '@/kit/locale';

/** Half past six. */
const EVENING = 1110;
const OTHER = 'another topic';

export function Talks({
  view: { unit, talks, proposed, topics, children, today, given },
}: {
  view: LookBackView;
}) {
  const { clock, spelling } = useCustoms();
  const { act } = useAct();
  const form = useForm({
    date: (talks?.date ?? today) as string | null,
    starts: talks?.starts ?? EVENING,
    talks: talks?.talks ?? [],
  });
  const { value, set, error } = form;
  const whos = children.filter((c) => topics[c.id]);
  const change = (i: number, to: Partial<(typeof value.talks)[number]>): void =>
    set(
      'talks',
      value.talks.map((t, n) => (n === i ? { ...t, ...to } : t)),
    );
  const move = (i: number, by: number): void => {
    const list = [...value.talks];
    const [talk] = list.splice(i, 1);
    list.splice(i + by, 0, talk);
    set('talks', list);
  };
  const add = (childId: string): void => {
    const own = topics[childId];
    const topic = topicBeside(own.topics, value.talks) ?? unit!.title;
    set('talks', [...value.talks, { childId, topic, minutes: own.minutes }]);
  };
  const times = talkTimes(value);
  const left = whos.filter((c) => !value.talks.some((t) => t.childId === c.id));
  return (
    <Column aria-labelledby="talks">
      <header>
        <Heading id="talks">Talk evening</Heading>
        <Quiet as="span">
          {talks ? (
            <Link href={`/paper/programme?unit=${unit!.id}`}>{spelt('print the programme', spelling)}</Link>
          ) : (
            'each child on a topic'
          )}
        </Quiet>
      </header>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          act((base) => saveTalks(base, unit!.id, value), {
            faults: (found) =>
              form.takeFaults(found.map((f) => ({ ...f, where: f.where.replace(/^talks\./, '') }))),
            then: form.stored,
          });
        }}
      >
        <FieldStack>
          <FieldRow>
            <DateField label="On" value={value.date} onChange={(v) => set('date', v)} error={error('date')} />
            <TimeField
              label="Begins"
              value={value.starts}
              onChange={(v) => set('starts', v)}
              error={error('starts')}
            />
          </FieldRow>
          {!value.talks.length && proposed.length ? (
            <div>
              <Button onPress={() => set('talks', proposed)}>Propose topics and an order</Button>
            </div>
          ) : null}
          {!value.talks.length && !proposed.length ? (
            <Quiet>Nothing was taught yet to propose a topic from. Say yourself who speaks.</Quiet>
          ) : null}
          {error('talks') ? <Quiet role="alert">{error('talks')}</Quiet> : null}
          {value.talks.map((t, i) => {
            const child = children.find((c) => c.id === t.childId);
            const own = topics[t.childId];
            if (!child) return null;
            const isOwn = !own?.topics.includes(t.topic);
            return (
              <div key={`${t.childId} ${i}`} role="group" aria-label={`Talk of ${child.name}`}>
                <FieldRow>
                  <span>
                    {clockText(times[i], clock)} <ChildName name={child.name} hatch={child.hatch} />
                  </span>
                  {own?.topics.length ? (
                    <Choose
                      label={`${child.name} speaks on`}
                      value={isOwn ? OTHER : t.topic}
                      onChange={(v) => change(i, { topic: v === OTHER ? '' : v })}
                      choices={[...own.topics, OTHER].map((name) => ({ value: name, name }))}
                    />
                  ) : null}
                  <NumberField
                    label={`Minutes of ${child.name}`}
                    value={t.minutes}
                    onChange={(v) => change(i, { minutes: v ?? 1 })}
                    min={1}
                    max={120}
                  />
                </FieldRow>
                {isOwn || !own?.topics.length ? (
                  <TextField
                    label={`${child.name}’s topic`}
                    value={t.topic}
                    onChange={(v) => change(i, { topic: v })}
                  />
                ) : null}
                <Quiet>{promptsOn(own?.prompts ?? [], t.topic).join(' · ')}</Quiet>
                <div>
                  {i ? (
                    <PlainButton aria-label={`${child.name} earlier`} onPress={() => move(i, -1)}>
                      earlier
                    </PlainButton>
                  ) : null}
                  <PlainButton
                    aria-label={`No talk of ${child.name}`}
                    onPress={() =>
                      set(
                        'talks',
                        value.talks.filter((_, n) => n !== i),
                      )
                    }
                  >
                    take out
                  </PlainButton>
                </div>
              </div>
            );
          })}
          {(value.talks.length || !proposed.length) && left.length
            ? left.map((c) => (
                <PlainButton key={c.id} onPress={() => add(c.id)}>
                  Add {c.name}
                </PlainButton>
              ))
            : null}
          {value.talks.length ? (
            <div>
              <Button type="submit">Keep the evening</Button>
            </div>
          ) : null}
        </FieldStack>
      </form>
      {talks?.talks.map((t) => {
        const child = children.find((c) => c.id === t.childId);
        if (!child || talks.date > today) return null;
        return (
          <Checkbox
            key={t.childId}
            isSelected={given.includes(`${t.childId} ${t.topic}`)}
            onChange={(is) =>
              act((base) => giveTalk(base, { unitId: unit!.id, childId: t.childId, is, date: talks.date }))
            }
          >
            {child.name} spoke on “{t.topic}”: it counts
          </Checkbox>
        );
      })}
    </Column>
  );
}
