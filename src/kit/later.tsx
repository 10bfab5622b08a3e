'use client';
import dynamic from 'next/dynamic';
import { useState, type ComponentType } from 'react';

/**
 * A part of the kit that is fetched after the sheet it may be needed on, and drawn at once when it is there.
 * @returns the part, and what fetches it ahead of its first use
 */
export function later<P extends object>(
  load: () => Promise<ComponentType<P>>,
): [Part: ComponentType<P>, fetch: () => Promise<unknown>] {
  let here: ComponentType<P> | undefined;
  const fetch = async (): Promise<ComponentType<P>> => (here = await load());
  const Awaited = dynamic(fetch, { ssr: false }) as ComponentType<P>;
  const Part = (props: P) => {
    // What is drawn once stays what it is: fetched or awaited.
    const [Drawn] = useState(() => here ?? Awaited);
    return <Drawn {...props} />;
  };
  return [Part, fetch];
}
