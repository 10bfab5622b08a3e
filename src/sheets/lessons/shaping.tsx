'use client';
/** Shaping several lessons at once: grouping, joining, splitting, stretching over the week. */
import { Choose } from '@/kit/choose';
import { group, join, moveTo, pause, savePattern, split, stretch } from './shape-actions';
import { FormDialog } from '@/kit/form-dialog';
import { useState } from 'react';
import styled from 'styled-components';
import { weekdayName } from '@/core/calendar/dates';
import { groupTopics } from '@/core/pacing/grouping';
import type { Pattern } from '@/core/plan/lesson';
import { PlainButton } from '@/kit/button';
import { DateField } from '@/kit/date-field';
import { Checkbox, FieldStack, NumberField, Several, TextField } from '@/kit/field';
import { Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';

import type { LessonView } from './load';

interface Props {
  lessons: LessonView[];
  onClose: () => void;
}

/** Many small lessons into fewer, like with like; the cuts are shown before they are made. */
export function GroupDialog({ lessons, onClose }: Props) {
  const { act } = useAct();
  const [into, setInto] = useState<number | null>(Math.max(1, Math.round(lessons.length / 2)));
  const firsts = groupTopics(
    lessons.map((l) => ({
      title: l.title,
      size: l.lastPage && l.firstPage ? l.lastPage - l.firstPage + 1 : Math.max(1, l.takes),
    })),
    into ?? lessons.length,
  );
  return (
    <FormDialog
      title={`Group ${lessons.length} lessons`}
      verb={<>Group into {firsts.length}</>}
      isDisabled={!into || firsts.length >= lessons.length}
      onSubmit={() =>
        act((base) => group(base, { ids: lessons.map((l) => l.id), firsts }), { then: onClose })
      }
      onClose={onClose}
    >
      <NumberField
        label="Into how many lessons"
        help="Like stays with like; sizes by pages, or else by minutes."
        value={into}
        onChange={setInto}
        min={1}
        max={lessons.length}
      />
      <Groups aria-label="The groups">
        {firsts.map((from, g) => (
          <li key={from}>
            <b>{g + 1}</b>
            <span>
              {lessons
                .slice(from, firsts[g + 1] ?? lessons.length)
                .map((l) => l.title)
                .join(' · ')}
            </span>
          </li>
        ))}
      </Groups>
    </FormDialog>
  );
}

/** One lesson or several to another place, however far. */
export function MoveDialog({ lessons, of, onClose }: Props & { of: number }) {
  const { act } = useAct();
  const [to, setTo] = useState<number | null>(lessons[0]?.number ?? 1);
  const most = of - lessons.length + 1;
  return (
    <FormDialog
      title={lessons.length === 1 ? `Move “${lessons[0].title}”` : `Move ${lessons.length} lessons`}
      verb="Move"
      isDisabled={to === null || to < 1 || to > most}
      onSubmit={() => act((base) => moveTo(base, { ids: lessons.map((l) => l.id), to }), { then: onClose })}
      onClose={onClose}
    >
      <NumberField
        label={lessons.length === 1 ? 'It becomes lesson' : 'The first of them becomes lesson'}
        help={`From 1 to ${most}. The others close up.`}
        autoFocus
        value={to}
        onChange={setTo}
        min={1}
        max={most}
      />
    </FormDialog>
  );
}

export function JoinDialog({ lessons, onClose }: Props) {
  const { act } = useAct();
  const [title, setTitle] = useState(
    lessons
      .map((l) => l.title)
      .join(' and ')
      .slice(0, 200),
  );
  const [asTopics, setAsTopics] = useState(true);
  return (
    <FormDialog
      title={`Join ${lessons.length} lessons`}
      verb="Join them"
      isDisabled={!title.trim()}
      onSubmit={() =>
        act((base) => join(base, { ids: lessons.map((l) => l.id), title, asTopics }), { then: onClose })
      }
      onClose={onClose}
    >
      <TextField label="Title of the lesson they become" autoFocus value={title} onChange={setTitle} />
      <Checkbox isSelected={asTopics} onChange={setAsTopics}>
        Keep their titles as topics, all of them
      </Checkbox>
      <Quiet>What they do is kept; reading, telling back and copying come once.</Quiet>
    </FormDialog>
  );
}

export function SplitDialog({ lesson, onClose }: { lesson: LessonView; onClose: () => void }) {
  const { act } = useAct();
  const [into, setInto] = useState<number | null>(2);
  return (
    <FormDialog
      title={`Split “${lesson.title}”`}
      verb="Split it"
      isDisabled={!into || into < 2}
      onSubmit={() => act((base) => split(base, { lessonId: lesson.id, into }), { then: onClose })}
      onClose={onClose}
    >
      <NumberField label="Into how many lessons" value={into} onChange={setInto} min={2} max={20} />
      <Quiet>
        Pages, topics and parts are shared out in order; a long part is cut where there are too few. Together
        it takes {lesson.takes} min now.
      </Quiet>
    </FormDialog>
  );
}

/** The unit waits from a lesson on, while other things go on. */
export function PauseDialog({ lesson, onClose }: { lesson: LessonView; onClose: () => void }) {
  const { act } = useAct();
  const [until, setUntil] = useState(lesson.pausedUntil);
  const keep = (day: string | null): void =>
    void act((base) => pause(base, { lessonId: lesson.id, until: day }), { then: onClose });
  return (
    <FormDialog
      title={`Pause before “${lesson.title}”`}
      verb="Pause"
      isDisabled={until === null}
      onSubmit={() => keep(until)}
      onClose={onClose}
    >
      <DateField label="It goes on from" value={until} onChange={setUntil} />
      <Quiet>
        What stands before it stays; ink on this lesson is rubbed out. From that day on this lesson and those
        after it follow at the unit’s pace; no school day is lost, other units go on meanwhile.
      </Quiet>
      {lesson.pausedUntil ? (
        <PlainButton onPress={() => keep(null)}>Do not pause any more</PlainButton>
      ) : null}
    </FormDialog>
  );
}

const WEEK: Omit<Pattern, 'id'> = {
  name: 'Monday to Thursday, close on Friday',
  days: [1, 2, 3, 4].map((weekday) => ({ weekday, closes: false })).concat({ weekday: 5, closes: true }),
};

export function StretchDialog({
  lessons,
  patterns,
  weekdays,
  onClose,
}: Props & { patterns: readonly Pattern[]; weekdays: readonly number[] }) {
  const { act } = useAct();
  const all = [
    WEEK,
    ...patterns.filter((p) => p.name !== WEEK.name).map(({ name, days }) => ({ name, days })),
  ];
  const [chosen, setChosen] = useState(all[0].name);
  const [days, setDays] = useState(all[0].days.filter((d) => weekdays.includes(d.weekday)));
  const [name, setName] = useState('');
  const [onePerWeek, setOnePerWeek] = useState(true);
  const toggle = (weekday: number, on: boolean): void =>
    setDays((d) =>
      (on ? [...d, { weekday, closes: false }] : d.filter((x) => x.weekday !== weekday)).sort(
        (a, b) => a.weekday - b.weekday,
      ),
    );
  const pattern = { name: name.trim() || chosen, days };
  const close = days.find((d) => d.closes);
  return (
    <FormDialog
      title={
        lessons.length === 1
          ? `Stretch “${lessons[0].title}” over the week`
          : `Stretch ${lessons.length} lessons over the week`
      }
      verb="Stretch"
      isDisabled={!days.some((d) => !d.closes)}
      onSubmit={() =>
        act((base) => stretch(base, { ids: lessons.map((l) => l.id), pattern, onePerWeek }), {
          then: onClose,
        })
      }
      onClose={onClose}
    >
      <FieldStack>
        <Choose
          label="Pattern"
          value={chosen}
          choices={all.map((p) => ({ value: p.name, name: p.name }))}
          onChange={(n) => {
            setChosen(n);
            setDays(all.find((p) => p.name === n)!.days.filter((d) => weekdays.includes(d.weekday)));
          }}
        />
        <Several>
          <legend>Days with a share of the lesson</legend>
          {weekdays.map((d) => (
            <Checkbox key={d} isSelected={days.some((x) => x.weekday === d)} onChange={(on) => toggle(d, on)}>
              {weekdayName(d)}
            </Checkbox>
          ))}
        </Several>
        <Choose
          label="The close is on"
          value={close ? String(close.weekday) : 'none'}
          choices={[
            { value: 'none', name: 'no day of its own' },
            ...days.map((d) => ({ value: String(d.weekday), name: weekdayName(d.weekday) })),
          ]}
          onChange={(v) => setDays((all2) => all2.map((d) => ({ ...d, closes: String(d.weekday) === v })))}
        />
        <Checkbox isSelected={onePerWeek} onChange={setOnePerWeek}>
          And one lesson a week for the unit
        </Checkbox>
        <Keep>
          <TextField
            label="Keep this pattern as"
            placeholder="a name of your own"
            value={name}
            onChange={setName}
          />
          <PlainButton
            isDisabled={!name.trim()}
            onPress={() => act((base) => savePattern(base, { name, days }))}
          >
            Keep the pattern
          </PlainButton>
        </Keep>
        <Quiet>
          Parts keep their order. A part that is too long for its share is cut; where a weekday is off, the
          nearest school day of that week serves.
        </Quiet>
      </FieldStack>
    </FormDialog>
  );
}

const Groups = styled.ol`
  max-height: 320px;
  overflow: auto;
  border-top: 1.5px solid ${colour.ink};
  li {
    display: grid;
    grid-template-columns: 28px 1fr;
    gap: 8px;
    padding: 5px 0;
    border-bottom: 1px solid ${colour.rule};
    font-size: 13.5px;
  }
  b {
    text-align: right;
  }
`;
const Keep = styled.div`
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 12px;
  align-items: end;
`;
