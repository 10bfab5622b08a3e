'use client';
/** Everybody's minutes over a stretch of days, folded: a picture of the days, and the weeks in figures. */
import dynamic from 'next/dynamic';
import type { ComponentProps } from 'react';
import { count } from '@/core/plan/called';
import { Fold } from '@/kit/fold';
import { Quiet } from '@/kit/text';
import type { LoadChart as Drawn } from './load-chart';

const LoadChart = dynamic(() => import('./load-chart').then((m) => m.LoadChart), {
  ssr: false,
  loading: () => <Quiet>Drawing…</Quiet>,
});

export function LoadsFold({ title, ...loads }: { title: string } & ComponentProps<typeof Drawn>) {
  const full = loads.days.filter(
    (d) => d.children.some((c) => c.minutes > c.limit) || d.parent.minutes > d.parent.limit,
  ).length;
  return (
    <Fold
      late
      title={title}
      message={
        full
          ? `${count(full, 'day')} over what somebody can take`
          : `${count(loads.days.length, 'school day')}, none over what anybody can take`
      }
    >
      <LoadChart {...loads} />
    </Fold>
  );
}
