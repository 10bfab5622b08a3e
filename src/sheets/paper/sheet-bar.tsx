'use client';
/** What stands above pages to print, and not on them: what they are, the size of the paper, and the way back. */
import type { ReactNode } from 'react';
import { Button } from '@/kit/button';
import { LinkButton } from '@/kit/link-button';
import { Quiet, SheetTitle } from '@/kit/text';
import type { Size } from './size';
import { Bar, PageSize } from './page-frame';

export function SheetBar({
  title,
  says,
  back,
  size,
  other,
  isEmpty,
  landscape,
  children,
}: {
  title: string;
  says: string;
  back: { href: string; name: string };
  size: Size;
  /** The address of the same on the other size of paper. */
  other: string;
  isEmpty: boolean;
  /** Printed across the long side. */
  landscape?: boolean;
  children?: ReactNode;
}) {
  return (
    <>
      <PageSize $size={size} $landscape={landscape} />
      <Bar>
        <div>
          <SheetTitle>{title}</SheetTitle>
          <Quiet>{says}</Quiet>
        </div>
        <div>
          <LinkButton href={back.href}>{back.name}</LinkButton>
          <LinkButton href={other}>{size === 'A4' ? 'On US Letter' : 'On A4'}</LinkButton>
          <Button $primary isDisabled={isEmpty} onPress={() => window.print()}>
            Print
          </Button>
        </div>
        {children}
      </Bar>
    </>
  );
}
