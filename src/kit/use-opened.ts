'use client';
import { useRef, useState, type AriaAttributes, type RefObject } from 'react';
import type { KeyboardEvent } from 'react-aria-components';

/** A button from which a list opens: by a press, and by the arrows up and down. */
export function useOpened(popup: 'menu' | 'listbox'): {
  isOpen: boolean;
  from: RefObject<HTMLButtonElement | null>;
  close: () => void;
  /** What the button takes. */
  button: {
    ref: RefObject<HTMLButtonElement | null>;
    onPress: () => void;
    onKeyDown: (e: KeyboardEvent) => void;
  } & Pick<AriaAttributes, 'aria-haspopup' | 'aria-expanded'>;
} {
  const [isOpen, setOpen] = useState(false);
  const from = useRef<HTMLButtonElement>(null);
  return {
    isOpen,
    from,
    close: () => setOpen(false),
    button: {
      ref: from,
      onPress: () => setOpen(true),
      onKeyDown: (e) => {
        const isPlain = !e.altKey && !e.ctrlKey && !e.metaKey && !e.shiftKey;
        // React Aria ends every key that is listened to here; the others are the sheet's.
        if (!isPlain || (e.key !== 'ArrowDown' && e.key !== 'ArrowUp')) return e.continuePropagation();
        e.preventDefault();
        setOpen(true);
      },
      'aria-haspopup': popup,
      'aria-expanded': isOpen,
    },
  };
}
