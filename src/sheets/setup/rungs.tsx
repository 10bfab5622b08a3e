'use client';
/** On which rung each child stands in each skill: proposed from age, changed by hand. */
import { Ruled } from './ruled';
import styled from 'styled-components';
import { Button as AriaButton } from 'react-aria-components/Button';
import { RUNGS } from '@/core/plan/rungs';
import { SKILLS } from '@/core/plan/words';
import { Button } from '@/kit/button';
import { ChildName } from '@/kit/hatch';
import { Menu } from '@/kit/menu';
import { Quiet } from '@/kit/text';
import { colour, hover } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { placeOnRung } from './actions';
import type { SetupView } from './load';

export function Rungs({
  rows,
  suggested,
}: {
  rows: SetupView['children'];
  suggested: SetupView['suggested'];
}) {
  const { act } = useAct();
  const set = (childId: string, skill: (typeof SKILLS)[number], rung: number | null): void =>
    act((base) => placeOnRung(base, { childId, skill, rung }));
  return (
    <section aria-labelledby="rungs">
      <Ruled id="rungs">Where each child stands</Ruled>
      <Scroll>
        <Table>
          <thead>
            <tr>
              <td />
              {SKILLS.map((s) => (
                <th key={s} scope="col">
                  {s}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((c) => (
              <tr key={c.id}>
                <th scope="row">
                  <ChildName name={c.name} hatch={c.hatch} />
                </th>
                {SKILLS.map((skill) => {
                  const byHand = c.rungs[skill];
                  const stands = RUNGS[(byHand ?? c.proposed) - 1];
                  return (
                    <td key={skill}>
                      <Menu
                        label={`${c.name}, ${skill}`}
                        groups={[
                          {
                            title: `${c.name}, ${skill}`,
                            doings: RUNGS.map((r) => ({
                              name: `${r.rung} ${r.name}: ${r.means}`,
                              isDisabled: byHand === r.rung,
                              do: () => set(c.id, skill, r.rung),
                            })),
                          },
                          {
                            title: `At ${c.age}`,
                            doings: byHand
                              ? [
                                  {
                                    name: `Go by age: ${c.proposed} ${RUNGS[c.proposed - 1].name}`,
                                    do: () => set(c.id, skill, null),
                                  },
                                ]
                              : [],
                          },
                        ]}
                      >
                        <Cell
                          $byHand={!!byHand}
                          aria-label={`${c.name}, ${skill}: ${stands.rung} ${stands.name}, ${byHand ? 'set by you' : 'from age'}`}
                        >
                          <b>{stands.rung}</b> {stands.name}
                        </Cell>
                      </Menu>
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </Table>
      </Scroll>
      {suggested.map((s) => (
        <Suggested
          key={`${s.childId} ${s.skill}`}
          aria-label={`${s.name}, ${s.skill}: a rung ${s.to > s.from ? 'up' : 'down'}?`}
        >
          <div>
            <b>
              {s.name}, {s.skill}: a rung {s.to > s.from ? 'up' : 'down'}, to {s.to} {RUNGS[s.to - 1].name}?
            </b>
            <Quiet>{s.evidence}.</Quiet>
          </div>
          <Button onPress={() => set(s.childId, s.skill, s.to)}>Move {s.name}</Button>
        </Suggested>
      ))}
      <Quiet>Dashed: proposed from age. Firm: set by you.</Quiet>
    </section>
  );
}

const Suggested = styled.section`
  display: flex;
  justify-content: space-between;
  gap: 16px;
  align-items: center;
  padding: 8px 0;
  border-top: 1px solid ${colour.rule};
`;
const Scroll = styled.div`
  overflow-x: auto;
  padding: 3px;
  margin-bottom: 6px;
`;
const Table = styled.table`
  border-collapse: separate;
  border-spacing: 5px;
  margin-left: -5px;
  width: 100%;
  min-width: 620px;
  thead th {
    text-align: left;
    font-size: 13px;
  }
  tbody th {
    text-align: left;
    font-weight: 400;
    max-width: 160px;
  }
  td {
    min-width: 96px;
  }
`;
const Cell = styled(AriaButton)<{ $byHand: boolean }>`
  width: 100%;
  text-align: left;
  padding: 5px 8px;
  cursor: pointer;
  background: ${colour.room};
  font-size: 13.5px;
  white-space: nowrap;
  border: ${(p) => (p.$byHand ? `2px solid ${colour.ink}` : `1.4px dashed ${colour.pencil}`)};
  ${hover} {
    &:hover {
      background: ${colour.field};
    }
  }
`;
