'use client';
/** What each child knows of a unit, a page each: objectives with how far, since when and by what; words; the big ideas. */
import { MET } from '@/core/plan/words';
import { Hatch } from '@/kit/hatch';
import { Quiet } from '@/kit/text';
import { useReady } from '../frame/use-ready';
import type { ChecklistsView } from './checklists-load';
import { Page, Preview } from './page-frame';
import { CheckTable } from './record-parts';
import { SheetBar } from './sheet-bar';

export function Checklists({ unit, unitId, day, size, other, children }: ChecklistsView) {
  useReady();
  return (
    <Preview>
      <SheetBar
        title="Checklists"
        says={`${unit}: a page for each child, as it stands on ${day}`}
        back={{ href: `/record?unit=${unitId}`, name: 'Back to the record' }}
        size={size}
        other={other}
        isEmpty={!children.length}
      />
      {children.length ? null : <Quiet>There is nobody in this unit.</Quiet>}
      {children.map((c) => (
        <Page key={c.id}>
          <header>
            <Hatch name={c.hatch} />
            <b>{c.name}</b>
            <span>
              {unit} · {day}
            </span>
          </header>
          {c.able.length ? <CheckTable able={c.able} /> : <p>The unit has no objectives.</p>}
          {c.words.length ? (
            <p>
              Words: {c.words.filter((w) => w.isKnown).length} of {c.words.length} likely known.{' '}
              {c.words.map((w) => (w.grade ? `${w.word} (${MET[w.grade - 1]})` : w.word)).join(', ')}
            </p>
          ) : null}
          {c.ideas.length ? <CheckTable able={c.ideas} /> : null}
          <small>{MET.join(' · ')}: as it was seen, on the day that stands beside it.</small>
        </Page>
      ))}
    </Preview>
  );
}
