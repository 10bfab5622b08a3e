'use client';
/**
 * The brainstorm: a fast list of ideas. Each is sorted by whom it suits, from the youngest up and from the oldest down,
 * and turned by one key into a lesson, an activity, a topic to find a book for, or dropped.
 */
import { useRef, useState, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import type { Idea, Unit } from '@/core/plan/unit';
import { Button, PlainButton } from '@/kit/button';
import { TextField } from '@/kit/field';
import { Hatch } from '@/kit/hatch';
import { Heading, Quiet } from '@/kit/text';
import { colour, face, narrow } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { dropIdea, jot, shiftIdea, suit, turn } from './actions';
import type { UnitView } from './load';

export const IDEA_KEYS = [
  { keys: 'L A B D', does: 'on an idea: a lesson, an activity, a topic to find a book for, or dropped' },
  { keys: 'U', does: 'on an idea: an idea again' },
  { keys: '← →', does: 'on an idea: how far up from the youngest it suits' },
  { keys: 'Shift ← →', does: 'on an idea: how far down from the oldest it suits' },
  { keys: 'Alt ↑ ↓', does: 'on an idea: move it' },
];

const BECOMES: readonly { becomes: Idea['becomes']; key: string; name: string }[] = [
  { becomes: 'lesson', key: 'l', name: 'Lesson' },
  { becomes: 'activity', key: 'a', name: 'Activity' },
  { becomes: 'book topic', key: 'b', name: 'Book for it' },
  { becomes: 'dropped', key: 'd', name: 'Drop' },
];
const ORDER: Idea['becomes'][] = ['unsorted', 'lesson', 'activity', 'book topic', 'dropped'];
const HEADS: Record<Idea['becomes'], string> = {
  unsorted: 'To sort',
  lesson: 'Now a lesson',
  activity: 'An activity, waiting for its lesson',
  'book topic': 'Find a book for it',
  dropped: 'Dropped',
};

export function Ideas({ view, unit }: { view: UnitView; unit: Unit }) {
  const { act } = useAct();
  const list = useRef<HTMLDivElement>(null);
  const [text, setText] = useState('');
  /** From the youngest, as the list is sorted. */
  const people = view.children.filter((c) => unit.childIds.includes(c.id)).reverse();
  const shown = ORDER.flatMap((becomes) => view.ideas.filter((i) => i.becomes === becomes));
  const add = (texts: string[]): void => {
    if (texts.length)
      act((base) => jot(base, { unitId: unit.id, texts: texts.map((t) => t.slice(0, 200)) }), {
        then: () => setText(''),
      });
  };
  const focus = (id: string | undefined): void => {
    if (id) list.current?.querySelector<HTMLElement>(`[data-idea="${id}"]`)?.focus();
  };

  const onKeyDown = (e: KeyboardEvent, idea: Idea): void => {
    if ((e.target as Element).getAttribute('data-idea') !== idea.id) return;
    const at = shown.indexOf(idea);
    const becomes =
      e.key.toLowerCase() === 'u' ? 'unsorted' : BECOMES.find((b) => b.key === e.key.toLowerCase())?.becomes;
    if (becomes && !e.ctrlKey && !e.metaKey && !e.altKey) {
      e.preventDefault();
      const next = shown[at + 1]?.id ?? shown[at - 1]?.id;
      act((base) => turn(base, { ideaId: idea.id, becomes }));
      return focus(next);
    }
    if (e.key === 'ArrowUp' || e.key === 'ArrowDown') {
      e.preventDefault();
      const by = e.key === 'ArrowUp' ? -1 : 1;
      if (e.altKey) return act((base) => shiftIdea(base, { ideaId: idea.id, by }));
      return focus(shown[at + by]?.id);
    }
    if (e.key === 'ArrowLeft' || e.key === 'ArrowRight') {
      e.preventDefault();
      act((base) =>
        suit(base, {
          ideaId: idea.id,
          childIds: reached(
            people.map((p) => p.id),
            idea.childIds,
            e.shiftKey,
            e.key === 'ArrowRight' ? 1 : -1,
          ),
        }),
      );
    }
  };

  return (
    <section aria-labelledby="ideas">
      <Title>
        <Heading id="ideas">Brainstorm</Heading>
        <Quiet as="span">
          {view.ideas.filter((i) => i.becomes === 'unsorted').length || 'nothing'} to sort
        </Quiet>
      </Title>
      <Add
        onPasteCapture={(e) => {
          const lines = e.clipboardData
            .getData('text/plain')
            .split('\n')
            .map((l) => l.trim())
            .filter(Boolean);
          if (lines.length > 1) {
            e.preventDefault();
            add(lines);
          }
        }}
        onSubmit={(e) => {
          e.preventDefault();
          if (text.trim()) add([text]);
        }}
      >
        <TextField
          label="An idea"
          placeholder="Everything the topic touches: type, Enter, and on"
          value={text}
          onChange={setText}
        />
        <Button type="submit">Jot it</Button>
      </Add>
      <div ref={list}>
        {ORDER.map((becomes) => {
          const ideas = shown.filter((i) => i.becomes === becomes);
          if (!ideas.length) return null;
          return (
            <div key={becomes} role="group" aria-label={HEADS[becomes]}>
              <Quiet>{HEADS[becomes]}</Quiet>
              {ideas.map((idea) => (
                <Line
                  key={idea.id}
                  tabIndex={0}
                  data-idea={idea.id}
                  role="group"
                  aria-label={`${idea.text}, ${suits(people, idea)}`}
                  onKeyDown={(e) => onKeyDown(e, idea)}
                  $out={becomes === 'dropped'}
                >
                  <span>{idea.text}</span>
                  <Suits>
                    {people.map((p) => (
                      <button
                        key={p.id}
                        type="button"
                        aria-pressed={idea.childIds.includes(p.id)}
                        aria-label={`Suits ${p.name}: ${idea.text}`}
                        title={`${p.name}, ${p.age}`}
                        onClick={() =>
                          act((base) =>
                            suit(base, {
                              ideaId: idea.id,
                              childIds: people
                                .map((x) => x.id)
                                .filter((x) =>
                                  x === p.id ? !idea.childIds.includes(x) : idea.childIds.includes(x),
                                ),
                            }),
                          )
                        }
                      >
                        {idea.childIds.includes(p.id) ? (
                          <Hatch name={p.hatch} width={20} height={16} />
                        ) : (
                          <i />
                        )}
                      </button>
                    ))}
                    <Quiet as="small">{suits(people, idea)}</Quiet>
                  </Suits>
                  <Doings>
                    {BECOMES.filter((b) => b.becomes !== idea.becomes).map((b) => (
                      <PlainButton
                        key={b.key}
                        aria-label={`${b.name}: ${idea.text}`}
                        onPress={() => act((base) => turn(base, { ideaId: idea.id, becomes: b.becomes }))}
                      >
                        {b.name}
                      </PlainButton>
                    ))}
                    {becomes === 'unsorted' ? null : (
                      <PlainButton
                        aria-label={`Sort again: ${idea.text}`}
                        onPress={() => act((base) => turn(base, { ideaId: idea.id, becomes: 'unsorted' }))}
                      >
                        Sort again
                      </PlainButton>
                    )}
                    {becomes === 'dropped' ? (
                      <PlainButton
                        aria-label={`Forget: ${idea.text}`}
                        onPress={() => act((base) => dropIdea(base, idea.id))}
                      >
                        Forget
                      </PlainButton>
                    ) : null}
                  </Doings>
                </Line>
              ))}
            </div>
          );
        })}
      </div>
    </section>
  );
}

/**
 * Moves one end of whom an idea suits: up from the youngest, or with `fromOldest` down from the oldest. People stand
 * from the youngest.
 */
function reached(people: string[], now: readonly string[], fromOldest: boolean, by: 1 | -1): string[] {
  const on = people.map((p) => now.includes(p));
  const lo = Math.max(0, on.indexOf(true));
  const hi = on.lastIndexOf(true) < 0 ? people.length - 1 : on.lastIndexOf(true);
  const [from, to] = fromOldest
    ? [Math.min(Math.max(0, lo + by), hi), hi]
    : [lo, Math.max(lo, Math.min(people.length - 1, hi + by))];
  return people.slice(from, to + 1);
}

function suits(people: UnitView['children'], idea: Idea): string {
  const who = people.filter((p) => idea.childIds.includes(p.id));
  if (who.length === people.length) return 'suits everyone';
  if (!who.length) return 'suits no one yet';
  if (who.length === 1) return `suits ${who[0].name}`;
  if (who[0] === people[0] && who.every((w, i) => w === people[i]))
    return `from the youngest up to ${who.at(-1)!.name}`;
  if (who.at(-1) === people.at(-1) && who.every((w, i) => w === people[people.length - who.length + i]))
    return `from the oldest down to ${who[0].name}`;
  return `suits ${who.map((w) => w.name).join(', ')}`;
}

const Title = styled.header`
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  border-bottom: 1.5px solid ${colour.ink};
  padding-bottom: 4px;
`;
const Add = styled.form`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 10px;
  align-items: end;
  padding: 10px 0;
`;
const Line = styled.div<{ $out: boolean }>`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 250px 236px;
  gap: 10px;
  align-items: center;
  padding: 5px 6px;
  border-bottom: 1px solid ${colour.rule};
  & > span:first-child {
    font: 600 15.5px/1.25 ${face.title};
    overflow-wrap: anywhere;
    text-decoration: ${(p) => (p.$out ? 'line-through' : 'none')};
  }
  ${narrow} {
    grid-template-columns: 1fr;
  }
`;
const Suits = styled.span`
  display: flex;
  flex-wrap: wrap;
  gap: 3px;
  align-items: center;
  button {
    background: none;
    border: 0;
    padding: 3px 2px;
    cursor: pointer;
    min-width: 24px;
    min-height: 24px;
  }
  i {
    display: block;
    width: 20px;
    height: 16px;
    border: 1px dashed ${colour.pencil};
  }
  small {
    font-size: 12.5px;
    margin-left: 4px;
  }
`;
const Doings = styled.span`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
`;
