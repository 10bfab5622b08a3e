'use client';
import type { ReactNode } from 'react';
import { Button } from './button';
import { Dialog } from './dialog';
import { FieldStack } from './field';

/** A dialog that asks for something: its fields, a way to leave it, and one verb that does it, by press or by Enter. */
export function FormDialog({
  title,
  verb,
  onSubmit,
  onClose,
  isOpen = true,
  isDisabled,
  more,
  wide,
  urgent,
  children,
}: {
  title: string;
  /** What the main button does: “Keep”, “Split it”. */
  verb: ReactNode;
  onSubmit: () => void;
  onClose: () => void;
  isOpen?: boolean;
  isDisabled?: boolean;
  /** Buttons before those that leave it and do it. */
  more?: ReactNode;
  wide?: boolean;
  urgent?: boolean;
  children: ReactNode;
}) {
  return (
    <Dialog
      title={title}
      wide={wide}
      urgent={urgent}
      isOpen={isOpen}
      onClose={onClose}
      footer={
        <>
          {more}
          <Button onPress={onClose}>Leave it</Button>
          <Button $primary isDisabled={isDisabled} onPress={onSubmit}>
            {verb}
          </Button>
        </>
      }
    >
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (!isDisabled) onSubmit();
        }}
      >
        <FieldStack>{children}</FieldStack>
      </form>
    </Dialog>
  );
}
