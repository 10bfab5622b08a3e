'use client';
/** Extras for a lesson: what the family has kept, then a plain few, those to its taste first. The family picks. */
import styled from 'styled-components';
import { extrasFor } from '@/core/ladder/extras';
import { Button, PlainButton } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { addExtra, dropOutline } from './actions';
import type { LessonsView, LessonView } from './load';
import { kindName } from '@/core/plan/part-kinds';
import { LEADS } from '../frame/part-words';

export function Extras({
  view,
  lesson,
  onClose,
}: {
  view: LessonsView;
  lesson: LessonView;
  onClose: () => void;
}) {
  const { act } = useAct();
  const { taste, title } = view.unit!;
  const extras = extrasFor(
    lesson,
    view.outlines,
    taste,
    lesson.parts.map((p) => p.title),
    lesson.names,
    title,
  );
  const kept = new Set(view.outlines.map((o) => o.id));
  return (
    <Dialog
      title={`An extra for lesson ${lesson.number}`}
      isOpen
      onClose={onClose}
      footer={
        <Button $primary onPress={onClose}>
          Close
        </Button>
      }
    >
      <Quiet>
        {taste.length
          ? `First what suits your taste: ${taste.join(', ')}.`
          : 'Say on the Unit sheet what you like, and that comes first here.'}{' '}
        A part you like can be kept from its menu; it shows here for every unit.
      </Quiet>
      <List aria-label="Extras">
        {extras.map((o) => (
          <li key={o.id}>
            <div>
              <b>{o.title}</b>
              <Quiet>
                {[
                  kindName(o.kind),
                  o.minutes ? `${o.minutes} min` : '',
                  LEADS[o.lead],
                  o.outdoors ? 'outdoors' : '',
                  o.waitAfterHours ? `${o.waitLabel} ${o.waitAfterHours} h` : '',
                  kept.has(o.id) ? 'kept by you' : '',
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </Quiet>
            </div>
            <span>
              {kept.has(o.id) ? (
                <PlainButton
                  aria-label={`Keep “${o.title}” no more`}
                  onPress={() => act((base) => dropOutline(base, o.id))}
                >
                  Forget
                </PlainButton>
              ) : null}
              <Button
                aria-label={`Add “${o.title}”`}
                onPress={() =>
                  act((base) => addExtra(base, { lessonId: lesson.id, outline: o }), { then: onClose })
                }
              >
                Add
              </Button>
            </span>
          </li>
        ))}
      </List>
    </Dialog>
  );
}

const List = styled.ul`
  li {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    align-items: center;
    padding: 7px 0;
    border-bottom: 1px solid ${colour.rule};
  }
  li > span {
    display: flex;
    gap: 12px;
    align-items: center;
    flex: none;
  }
`;
