'use client';
import { cloneElement, type ReactElement } from 'react';
import { later } from './later';
import type { DoingGroup } from './list-line';
import { useOpened } from './use-opened';

const [MenuList, fetchMenus] = later(() => import('./opened-list').then((m) => m.MenuList));

/** Fetched soon after a sheet, so that keys pressed after the one that opens a menu find it there. */
export { fetchMenus };

/** A button with a menu of what can be done; `children` is the button. The menu opens when the button is let go. */
export function Menu({
  label,
  groups,
  children,
}: {
  label: string;
  groups: DoingGroup[];
  children: ReactElement<object>;
}) {
  const { isOpen, from, close, button } = useOpened('menu');
  return (
    <>
      {cloneElement(children, button)}
      {isOpen ? <MenuList label={label} groups={groups} from={from} onClose={close} /> : null}
    </>
  );
}
