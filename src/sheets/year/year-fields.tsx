'use client';
/** What the form of the year is made from. */
import styled from 'styled-components';
import { likelyYear } from '@/core/calendar/customs';
import { blankYear } from '@/core/plan/blank';
import type { SchoolYear } from '@/core/plan/year';
import { colour } from '@/kit/tokens';

export interface Off {
  kind?: SchoolYear['daysOff'][number]['kind'];
  id?: string;
  first: string | null;
  last: string | null;
  label: string;
}
export interface Odd {
  id?: string;
  date: string | null;
  label: string;
  ends?: number | null;
}
export interface TermRow {
  id?: string;
  name: string;
  first: string | null;
  last: string | null;
}
export type Fields = Omit<
  SchoolYear,
  'daysOff' | 'starts' | 'ends' | 'weeksOn' | 'weeksOff' | 'terms' | 'shortDays' | 'extraDays'
> & {
  starts: string | null;
  ends: string | null;
  weeksOn: number | null;
  weeksOff: number | null;
  daysOff: Off[];
  terms: TermRow[];
  shortDays: Odd[];
  extraDays: Odd[];
};

export const plain = (today: string, country: string): Fields => ({
  ...blankYear,
  ...likelyYear(country, today),
});

export const Wrong = styled.p`
  color: ${colour.red};
  font-weight: 600;
  font-size: 13px;
`;
export const OffRow = styled.div`
  display: grid;
  grid-template-columns: 150px 150px minmax(120px, 1fr) auto;
  gap: 12px;
  align-items: end;
  @media (max-width: 760px) {
    grid-template-columns: 1fr 1fr;
  }
`;
export const Buttons = styled.div`
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
`;
