'use client';
import type { ReactNode } from 'react';
import { later } from './later';

export interface DialogProps {
  title: string;
  onClose: () => void;
  children: ReactNode;
  footer?: ReactNode;
  wide?: boolean;
  urgent?: boolean;
}

const [OpenedDialog, fetchDialogs] = later(() => import('./opened-dialog').then((m) => m.OpenedDialog));

/** Fetched soon after a sheet, so that a dialog can be shown when the app has stopped answering. */
export { fetchDialogs };

/** A dialog over the sheet; Escape or the page beside it closes it. `footer` holds its buttons, the main one last. */
export const Dialog = ({ isOpen, ...props }: DialogProps & { isOpen: boolean }) =>
  isOpen ? <OpenedDialog {...props} /> : null;
