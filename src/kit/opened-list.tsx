'use client';
/** The list that opens from a button, of a menu or of a choice: loaded when the first one is opened. */
import type { ReactNode, RefObject } from 'react';
import { Header } from 'react-aria-components/Header';
import { Keyboard } from 'react-aria-components/Keyboard';
import { ListBox, ListBoxItem } from 'react-aria-components/ListBox';
import { Menu as AriaMenu, MenuItem, MenuSection } from 'react-aria-components/Menu';
import { Popover } from 'react-aria-components/Popover';
import styled from 'styled-components';
import { optionLook, type Choice, type DoingGroup } from './list-line';
import { colour } from './tokens';

interface Opened {
  label: string;
  /** The button it opens from. */
  from: RefObject<HTMLButtonElement | null>;
  onClose: () => void;
}

function List({ from, onClose, children }: Omit<Opened, 'label'> & { children: ReactNode }) {
  return (
    <ListFrame
      triggerRef={from}
      isOpen
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
      placement="bottom start"
      style={{ minWidth: from.current?.offsetWidth }}
    >
      {children}
    </ListFrame>
  );
}

export function MenuList({ label, groups, ...opened }: Opened & { groups: DoingGroup[] }) {
  return (
    <List {...opened}>
      <AriaMenu aria-label={label} autoFocus="first" onClose={opened.onClose}>
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
    </List>
  );
}

export interface ChoiceListProps extends Opened {
  value: string;
  choices: readonly Choice<string>[];
  onChoose: (value: string) => void;
}

export function ChoiceList({ label, value, choices, onChoose, ...opened }: ChoiceListProps) {
  return (
    <List {...opened}>
      <ListBox
        aria-label={label}
        autoFocus
        selectionMode="single"
        disallowEmptySelection
        shouldFocusOnHover
        selectedKeys={[value]}
        {...CHOSEN_AGAIN}
        onSelectionChange={(keys) => {
          if (keys !== 'all' && keys.size) onChoose(String([...keys][0]));
          opened.onClose();
        }}
      >
        {choices.map((c) => (
          <Option key={c.value} id={c.value} textValue={c.name}>
            {c.mark}
            <span>{c.name}</span>
          </Option>
        ))}
      </ListBox>
    </List>
  );
}

/** Choosing what is chosen already closes the list too. */
const CHOSEN_AGAIN = { allowDuplicateSelectionEvents: true };

const ListFrame = styled(Popover)`
  background: ${colour.room};
  border: 2px solid ${colour.ink};
  max-height: 320px;
  overflow: auto;
  padding: 3px;
  z-index: 50;
`;
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
const Option = styled(ListBoxItem)`
  ${optionLook}
`;
