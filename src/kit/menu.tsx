'use client';
import { ListFrame, optionLook } from './choose';
import { cloneElement, useState, type ReactElement } from 'react';
import { Menu as AriaMenu, MenuItem, MenuTrigger, MenuSection } from 'react-aria-components/Menu';
import { Header } from 'react-aria-components/Header';
import { Keyboard } from 'react-aria-components/Keyboard';
import styled from 'styled-components';

import { colour } from './tokens';

export interface Doing {
  name: string;
  /** The key that does the same. */
  keys?: string;
  isDisabled?: boolean;
  do: () => void;
}

export interface DoingGroup {
  title: string;
  doings: Doing[];
}

/**
 * A button with a menu of what can be done; `children` is the button. On a thing that can be dragged the menu opens
 * when the button is let go, not when it is pressed.
 */
export function Menu({
  label,
  groups,
  children,
  draggable,
}: {
  label: string;
  groups: DoingGroup[];
  children: ReactElement<{ onPress?: () => void }>;
  draggable?: boolean;
}) {
  const [isOpen, setOpen] = useState(false);
  const onRelease = draggable
    ? {
        isOpen,
        onOpenChange: (open: boolean) => {
          if (!open) setOpen(false);
        },
      }
    : {};
  return (
    <MenuTrigger {...onRelease}>
      {draggable ? cloneElement(children, { onPress: () => setOpen(true) }) : children}
      <ListFrame placement="bottom start">
        <AriaMenu aria-label={label}>
          {groups
            .filter((g) => g.doings.length)
            .map((group) => (
              <Section key={group.title} aria-label={group.title}>
                <Header>{group.title}</Header>
                {group.doings.map((d) => (
                  <Item key={d.name} textValue={d.name} onAction={d.do} isDisabled={d.isDisabled}>
                    <span>{d.name}</span>
                    {d.keys ? <Keyboard>{d.keys}</Keyboard> : null}
                  </Item>
                ))}
              </Section>
            ))}
        </AriaMenu>
      </ListFrame>
    </MenuTrigger>
  );
}

const Section = styled(MenuSection)`
  & > header {
    font-size: 12.5px;
    color: ${colour.graphite};
    padding: 6px 10px 2px;
  }
  & + & {
    border-top: 1px solid ${colour.rule};
  }
`;
const Item = styled(MenuItem)`
  ${optionLook} justify-content: space-between;
  kbd {
    font: inherit;
    font-size: 12.5px;
    opacity: 0.75;
  }
`;
