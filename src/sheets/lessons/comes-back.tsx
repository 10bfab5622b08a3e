'use client';
/** Below the list: what grows, what comes back by itself, the unit's own events, and ideas that wait for a lesson. */
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import { Button, PlainButton } from '@/kit/button';
import { Menu } from '@/kit/menu';
import { Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { Cautions } from '../frame/cautions';
import { useAct } from '../frame/use-act';
import { dropPart, dropRule, putIdea, see } from './actions';
import type { LessonsView, PartView, RuleView } from './load';

const RuleForm = dynamic(() => import('./rule-form').then((m) => m.RuleForm), { ssr: false });
const PartForm = dynamic(() => import('./part-form').then((m) => m.PartForm), { ssr: false });

export function ComesBack({ view }: { view: LessonsView }) {
  const { act } = useAct();
  const [rule, setRule] = useState<RuleView | 'new'>();
  const [event, setEvent] = useState<PartView | 'trip' | 'look-back'>();
  const grows = view.rules.filter((r) => r.kind === 'project');
  const others = view.rules.filter((r) => r.kind !== 'project');
  const doings = (r: RuleView) => [
    {
      title: `${r.title}, ${r.when}`,
      doings: [
        { name: 'Change…', do: () => setRule(r) },
        { name: 'Let it come back no more', do: () => act((base) => dropRule(base, r.id)) },
      ],
    },
  ];
  const listed = (rules: RuleView[]) =>
    rules.map((r) => (
      <li key={r.id}>
        <Menu label={r.title} groups={doings(r)}>
          <PlainButton>{r.title}</PlainButton>
        </Menu>{' '}
        <Quiet as="span">
          {[
            r.when,
            `${r.minutes} min`,
            r.unitId === null ? 'the family’s' : '',
            r.assembly ? `put together at the end` : '',
            r.comesTo,
          ]
            .filter(Boolean)
            .join(' · ')}
        </Quiet>
      </li>
    ));
  return (
    <Table>
      {grows.length ? (
        <div>
          <dt>Grows a piece each lesson</dt>
          <dd>
            <ul>{listed(grows)}</ul>
          </dd>
        </div>
      ) : null}
      <div>
        <dt>Comes back by itself</dt>
        <dd>
          {others.length ? (
            <ul>{listed(others)}</ul>
          ) : (
            <Quiet>
              Nothing yet: a week opening, recall, tea and a poem, a Friday check, daily practice.
            </Quiet>
          )}
          <Button onPress={() => setRule('new')}>Let something come back</Button>
        </dd>
      </div>
      <div>
        <dt>Trips and the close</dt>
        <dd>
          <ul>
            {view.events.map((e) => (
              <li key={e.id}>
                <Menu
                  label={e.title}
                  groups={[
                    {
                      title: e.why || e.title,
                      doings: [
                        { name: 'Change…', do: () => setEvent(e) },
                        { name: 'Drop it', do: () => act((base) => dropPart(base, e.id)) },
                      ],
                    },
                  ]}
                >
                  <PlainButton>{e.title}</PlainButton>
                </Menu>{' '}
                <Quiet as="span">
                  {[
                    e.date ? shortDate(e.date) : e.trouble || 'no day yet',
                    `${e.takes} min`,
                    e.fixedDate ? '' : 'after the last lesson',
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </Quiet>
                <Cautions
                  cautions={e.cautions}
                  of={e.title}
                  onSeen={(caution, seen) => act((base) => see(base, { partId: e.id, caution, seen }))}
                />
              </li>
            ))}
          </ul>
          <span>
            <Button onPress={() => setEvent('trip')}>Add a field trip</Button>{' '}
            <Button onPress={() => setEvent('look-back')}>Add a closing event</Button>
          </span>
        </dd>
      </div>
      {view.ideas.length ? (
        <div>
          <dt>From the brainstorm</dt>
          <dd>
            <ul>
              {view.ideas.map((i) => (
                <li key={i.id}>
                  <Menu
                    label={i.text}
                    groups={[
                      {
                        title: 'Put it on',
                        doings: view.lessons.map((l) => ({
                          name: `${l.number} ${l.title}`,
                          do: () => act((base) => putIdea(base, { ideaId: i.id, lessonId: l.id })),
                        })),
                      },
                    ]}
                  >
                    <PlainButton>{i.text}</PlainButton>
                  </Menu>{' '}
                  <Quiet as="span">{view.lessons.length ? 'choose its lesson' : 'waits for a lesson'}</Quiet>
                </li>
              ))}
            </ul>
          </dd>
        </div>
      ) : null}
      {rule ? (
        <RuleForm
          key={rule === 'new' ? 'new' : rule.id}
          view={view}
          rule={rule === 'new' ? undefined : rule}
          onClose={() => setRule(undefined)}
        />
      ) : null}
      {event ? (
        <PartForm
          where={{ unitId: view.unit!.id }}
          part={typeof event === 'string' ? undefined : event}
          kind={typeof event === 'string' ? event : event.kind}
          childrenOfUnit={view.children}
          adults={view.adults}
          weekdays={view.weekdays}
          onClose={() => setEvent(undefined)}
        />
      ) : null}
    </Table>
  );
}

const Table = styled.dl`
  border-top: 2px solid ${colour.ink};
  margin-top: 6px;
  & > div {
    display: grid;
    grid-template-columns: 180px minmax(0, 1fr);
    gap: 12px;
    padding: 8px 0;
    border-bottom: 1px solid ${colour.rule};
  }
  dt {
    font-weight: 700;
    font-size: 13.5px;
  }
  dd {
    display: grid;
    gap: 6px;
    justify-items: start;
    margin: 0;
  }
  li {
    line-height: 1.6;
  }
  @media (max-width: 760px) {
    & > div {
      grid-template-columns: 1fr;
    }
  }
`;
