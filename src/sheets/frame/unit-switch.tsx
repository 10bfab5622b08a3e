'use client';
/** The unit a sheet is about, and another one instead. */
import { usePathname, useRouter } from 'next/navigation';
import { PlainButton } from '@/kit/button';
import { Menu } from '@/kit/menu';
import type { FrameInfo } from './load';

export function UnitSwitch({ units, unitId }: Pick<FrameInfo, 'units' | 'unitId'>) {
  const router = useRouter();
  const path = usePathname();
  const show = (id: string): void => {
    const params = new URLSearchParams(window.location.search);
    // What is of the other unit goes with it; the week and the year that is looked at stay.
    for (const name of [...params.keys()]) if (name !== 'week' && name !== 'look') params.delete(name);
    params.set('unit', id);
    router.push(`${path}?${params.toString()}`);
  };
  // What came up names its unit itself.
  if (path === '/weeks/came-up') return null;
  return (
    <Menu
      label="Units"
      groups={[
        {
          title: 'Show the unit',
          doings: units.map((u) => ({
            name: u.title,
            isDisabled: u.id === unitId,
            do: () => show(u.id),
          })),
        },
      ]}
    >
      <PlainButton>another unit ▾</PlainButton>
    </Menu>
  );
}
