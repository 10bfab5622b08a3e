'use client';
/** A thin lesson: for whom, and what on the shelf could fill it. */
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { PlainButton } from '@/kit/button';
import { Hatch } from '@/kit/hatch';
import { Caution, Column, Heading, Quiet } from '@/kit/text';
import { colour, face } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { fillGap, gapFillings } from './actions';
import type { BooksView } from './load';

type Found = Awaited<ReturnType<typeof gapFillings>>;

export function Gap({ view, lessonId }: { view: BooksView; lessonId: string }) {
  const { act } = useAct();
  const [found, setFound] = useState<{ of: string; is: Found }>();
  const thin = view.thin.find((t) => t.lessonId === lessonId);
  const asked = `${lessonId} ${view.info.revision}`;
  useEffect(() => {
    let late = false;
    void gapFillings(view.unitId!, lessonId).then(
      (is) => {
        if (!late) setFound({ of: asked, is });
      },
      () => undefined,
    );
    return () => {
      late = true;
    };
  }, [asked, lessonId, view.unitId]);
  const lesson = view.lessons.find((l) => l.id === lessonId);
  if (!thin || !lesson) return null;
  const name = (id: string): string => view.children.find((c) => c.id === id)?.name ?? '';
  const fillings = found?.of === asked ? found.is : undefined;
  return (
    <Column aria-label="For the gap">
      <header>
        <Heading>For the gap</Heading>
        <Quiet as="span">lesson {lesson.number}</Quiet>
      </header>
      <Quiet>
        {lesson.title}: nothing that suits{' '}
        {thin.childIds.map((id) => (
          <span key={id}>
            <Hatch name={view.children.find((c) => c.id === id)!.hatch} width={22} height={8} />{' '}
            {name(id)}{' '}
          </span>
        ))}
      </Quiet>
      <div aria-live="polite">
        {!fillings ? <Quiet>Looking along the shelf…</Quiet> : null}
        {!!fillings && fillings.length ? (
          <List>
            {fillings.map((f) => (
              <li key={f.bookId}>
                <div>
                  <b>{f.title}</b>
                  <Quiet>
                    {f.place} · {f.childIds.map(name).join(', ')}
                    {f.by === f.title ? '' : ` · ${f.by}`}
                  </Quiet>
                  {f.cautions.map((c) => (
                    <Caution key={c}>{c}</Caution>
                  ))}
                </div>
                <PlainButton
                  aria-label={`Put “${f.title}” on lesson ${lesson.number}`}
                  onPress={() =>
                    act((base) =>
                      fillGap(base, view.unitId!, {
                        bookId: f.bookId,
                        lessonId,
                        pages: f.first === null ? 'all' : { first: f.first, last: f.last ?? f.first },
                      }),
                    )
                  }
                >
                  Put it there
                </PlainButton>
              </li>
            ))}
          </List>
        ) : null}
        {!!fillings && !fillings.length ? (
          <Quiet>Nothing on the shelf. Look in the library, or suggest a set.</Quiet>
        ) : null}
      </div>
    </Column>
  );
}

const List = styled.ul`
  li {
    display: flex;
    justify-content: space-between;
    gap: 10px;
    padding: 6px 0;
    border-bottom: 1px solid ${colour.rule};
    align-items: baseline;
  }
  b {
    font: 600 15px/1.2 ${face.title};
  }
  li > button {
    flex: none;
  }
`;
