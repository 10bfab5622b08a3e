'use client';
import NextLink from 'next/link';
import type { ComponentProps } from 'react';

/**
 * A link to another sheet. Nothing of the sheet is asked for before it is gone to: it answers at once from the same
 * house, and a sheet with twenty links would ask twenty times for what nobody reads.
 */
export function Link(of: Omit<ComponentProps<typeof NextLink>, 'prefetch'>): React.ReactNode {
  return <NextLink {...of} prefetch={false} />;
}
