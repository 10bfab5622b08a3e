'use client';
/** The books pulled for the unit, sorted into piles by what they are for. */
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { BookSpine } from '@/kit/book-spine';
import { Hatch, type HatchName } from '@/kit/hatch';
import { Menu } from '@/kit/menu';
import { Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { backToShelf, changeRole } from './actions';
import { ROLES } from './roles';
import type { PulledBook } from './load';

export function Piles({ pulled, childrenOfUnit, onEdit }: { pulled: PulledBook[]; childrenOfUnit: { id: string; name: string; hatch: HatchName }[]; onEdit: (book: PulledBook) => void }) {
  const { act } = useAct();
  return (
    <Row>
      {ROLES.map(({ role, name, means }) => (
        <section key={role} aria-label={name} style={{ flex: `${Math.max(3, pulled.filter((p) => p.role === role).length)} 1 auto`, width: Math.max(128, 31 * pulled.filter((p) => p.role === role).length) }}>
          <Heading>{name}</Heading>
          <Quiet>{means}</Quiet>
          <Board>
            {pulled.filter((p) => p.role === role).map((p) => (
              <Menu
                key={p.pullId} label={p.book.title}
                groups={[
                  { title: [p.book.title, p.book.authors, p.takes].filter(Boolean).join(' · '), doings: [{ name: 'Change the book…', do: () => onEdit(p) }, { name: 'Put it back on the shelf', do: () => act((base) => backToShelf(base, p.pullId)) }] },
                  {
                    title: 'Give it another role',
                    doings: ROLES.flatMap((r) =>
                      r.role === 'own'
                        ? childrenOfUnit.map((c) => ({ name: `${c.name} reads it alone`, isDisabled: p.role === 'own' && p.reader?.id === c.id, do: () => act((base) => changeRole(base, p.pullId, { role: 'own', childId: c.id })) }))
                        : [{ name: r.name, isDisabled: p.role === r.role, do: () => act((base) => changeRole(base, p.pullId, { role: r.role, childId: null })) }]),
                  },
                ]}
              >
                <SpineButton aria-label={`${p.book.title}${p.reader ? `, ${p.reader.name} reads it` : ''}`}>
                  {p.reader ? <Hatch name={p.reader.hatch} width="100%" height={8} framed={false} /> : null}
                  <BookSpine $title={p.book.title} $pages={p.book.pages}>{p.book.title}</BookSpine>
                </SpineButton>
              </Menu>
            ))}
          </Board>
        </section>
      ))}
    </Row>
  );
}

const Row = styled.div`display: flex; flex-wrap: wrap; gap: 14px; & > section { display: flex; flex-direction: column; min-width: 0; max-width: 100%; }`;
const Board = styled.div`display: flex; align-items: flex-end; flex-wrap: wrap; gap: 2px; min-height: 150px; padding-top: 8px; flex: 1; align-content: flex-end; row-gap: 8px; border-bottom: 3px solid ${colour.ink};`;
const SpineButton = styled(AriaButton)`border: 0; background: none; padding: 0; cursor: pointer; display: flex; flex-direction: column; gap: 1px; width: min-content;`;
