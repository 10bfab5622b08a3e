'use client';
/** Reading over a unit: its minutes, aloud and alone, and the ages that what is read alone is for. */
import { Bar, BarChart, ReferenceLine, XAxis, YAxis } from 'recharts';
import { AXIS, Figures, Pictures, Shown } from '@/kit/chart';
import { Hatch, hatchFill } from '@/kit/hatch';
import { WorkTitle } from '@/kit/text';
import { colour } from '@/kit/tokens';
import type { BooksView, Reader } from './load';
import { MARGIN, Picture } from '@/kit/picture';

const numberOf = (view: BooksView, lessonId: string): number =>
  view.lessons.find((l) => l.id === lessonId)?.number ?? 0;

export function Reading({ view }: { view: BooksView }) {
  const readers = view.children.filter((c) =>
    view.reading.some((r) => r.children.some((x) => x.childId === c.id && x.alone > 0)),
  );
  const alone = (r: BooksView['reading'][number], c: Reader): number =>
    r.children.find((x) => x.childId === c.id)?.alone ?? 0;
  const rows = view.reading.filter((r) => r.aloud || readers.some((c) => alone(r, c)));
  if (!rows.length) return null;
  const most = Math.max(...view.reading.flatMap((r) => [r.aloud, ...readers.map((c) => alone(r, c))]));
  const people = [
    { key: 'aloud', caption: <b>Read aloud</b>, fill: colour.red, of: (r: (typeof rows)[number]) => r.aloud },
    ...readers.map((c) => ({
      key: c.id,
      caption: (
        <>
          <Hatch name={c.hatch} /> <b>{c.name}</b> reads alone
        </>
      ),
      fill: hatchFill(c.hatch),
      of: (r: (typeof rows)[number]) => alone(r, c),
    })),
  ];
  return (
    <Shown aria-labelledby="reading-over">
      <WorkTitle id="reading-over">Minutes of reading, lesson by lesson</WorkTitle>
      <Pictures>
        {people.map((p) => (
          <Picture key={p.key} caption={p.caption}>
            <BarChart
              data={view.reading.map((r) => ({ lesson: numberOf(view, r.lessonId), minutes: p.of(r) }))}
              margin={MARGIN}
              accessibilityLayer={false}
            >
              <XAxis dataKey="lesson" {...AXIS} />
              <YAxis width={34} domain={[0, most]} tickCount={4} {...AXIS} />
              <Bar
                dataKey="minutes"
                fill={p.fill}
                stroke={colour.ink}
                strokeWidth={0.7}
                isAnimationActive={false}
              />
            </BarChart>
          </Picture>
        ))}
      </Pictures>
      <Figures>
        <caption>Minutes of reading</caption>
        <thead>
          <tr>
            <th scope="col">Lesson</th>
            <th scope="col">Aloud</th>
            {readers.map((c) => (
              <th key={c.id} scope="col">
                {c.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((r) => (
            <tr key={r.lessonId}>
              <th scope="row">
                {numberOf(view, r.lessonId)} {view.lessons.find((l) => l.id === r.lessonId)?.title}
              </th>
              <td>{r.aloud || ''}</td>
              {readers.map((c) => (
                <td key={c.id}>{alone(r, c) || ''}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </Figures>
    </Shown>
  );
}

export function Levels({ view }: { view: BooksView }) {
  const { levels } = view.over;
  if (!levels.length) return null;
  const ages = levels.flatMap((l) => [l.readsAt, ...l.lessons.flatMap((x) => [x.from, Math.min(x.to, 18)])]);
  const domain = [Math.max(0, Math.min(...ages) - 1), Math.max(...ages) + 1];
  return (
    <Shown aria-labelledby="levels-over">
      <WorkTitle id="levels-over">For which ages what they read alone is</WorkTitle>
      <Pictures>
        {levels.map((l) => {
          const child = view.children.find((c) => c.id === l.childId)!;
          const at = new Map(l.lessons.map((x) => [x.lessonId, x]));
          return (
            <Picture
              key={l.childId}
              caption={
                <>
                  <Hatch name={child.hatch} /> <b>{child.name}</b> reads as at {l.readsAt}
                </>
              }
            >
              <BarChart
                data={view.lessons.map((lesson) => {
                  const x = at.get(lesson.id);
                  return { lesson: lesson.number, ages: x ? [x.from, Math.min(x.to, 18)] : null };
                })}
                margin={MARGIN}
                accessibilityLayer={false}
              >
                <XAxis dataKey="lesson" {...AXIS} />
                <YAxis width={34} domain={domain} allowDecimals={false} tickCount={4} {...AXIS} />
                <Bar
                  dataKey="ages"
                  fill={hatchFill(child.hatch)}
                  stroke={colour.ink}
                  strokeWidth={0.7}
                  isAnimationActive={false}
                />
                <ReferenceLine y={l.readsAt} stroke={colour.ink} strokeDasharray="5 4" />
              </BarChart>
            </Picture>
          );
        })}
      </Pictures>
      <Figures>
        <caption>What is read alone, and the ages it is for</caption>
        <thead>
          <tr>
            <th scope="col">Lesson</th>
            <th scope="col" data-words>
              Reader
            </th>
            <th scope="col" data-words>
              What
            </th>
            <th scope="col">For ages</th>
          </tr>
        </thead>
        <tbody>
          {view.lessons.flatMap((lesson) =>
            levels.flatMap((l) => {
              const x = l.lessons.find((y) => y.lessonId === lesson.id);
              return x ? (
                <tr key={`${lesson.id} ${l.childId}`}>
                  <th scope="row">{lesson.number}</th>
                  <td data-words>{view.children.find((c) => c.id === l.childId)!.name}</td>
                  <td data-words>{x.titles.join(', ')}</td>
                  <td>{agesText(x)}</td>
                </tr>
              ) : (
                []
              );
            }),
          )}
        </tbody>
      </Figures>
    </Shown>
  );
}

const agesText = ({ from, to, guessed }: { from: number; to: number; guessed: boolean }): string =>
  `${to >= 18 ? `${from} and up` : `${from} to ${to}`}${guessed ? ', by its form' : ''}`;
