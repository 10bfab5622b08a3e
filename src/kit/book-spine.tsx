'use client';
/** A book as it stands on a shelf: as thick as its pages, in one of a few cloth colours chosen by its title. */
import styled from 'styled-components';
import { face } from './tokens';

const CLOTH = ['#7d3a30', '#3d6a6b', '#2f4c72', '#5f6f36', '#6e5a80', '#8a5638', '#4a4f59', '#8a3f52'];

export function cloth(title: string): string {
  let sum = 0;
  for (const c of title) sum = (sum * 31 + c.codePointAt(0)!) % 9973;
  return CLOTH[sum % CLOTH.length];
}

/** Thickness in pixels for a number of pages: 18 for a pamphlet, 36 from 220 pages on. */
export function thickness(pages: number | null): number {
  return Math.round(18 + Math.min(18, (pages ?? 40) / 12));
}

/** As much of a title as a spine has room for. */
export function spineTitle(title: string): string {
  return title.length > SPINE_LETTERS ? `${title.slice(0, SPINE_LETTERS - 1).trimEnd()}…` : title;
}
const SPINE_LETTERS = 24;

export const BookSpine = styled.span<{ $title: string; $pages: number | null }>`
  display: flex;
  align-items: flex-end;
  width: ${(p) => thickness(p.$pages)}px;
  height: ${(p) => Math.min(184, Math.max(90, 24 + p.$title.length * 7))}px;
  padding: 8px 0;
  overflow: hidden;
  position: relative;
  background: ${(p) => cloth(p.$title)};
  color: #fffdf8;
  writing-mode: vertical-rl;
  text-orientation: sideways;
  rotate: 180deg;
  font: 500 13px/1 ${face.title};
  white-space: nowrap;
  text-overflow: ellipsis;
  print-color-adjust: exact;
  line-height: ${(p) => thickness(p.$pages)}px;
  border-block: 0;
  box-sizing: border-box;
  &::before,
  &::after {
    content: '';
    position: absolute;
    left: 0;
    right: 0;
    height: 1px;
    background: #fffdf8;
    opacity: 0.6;
  }
  &::before {
    top: 5px;
  }
  &::after {
    bottom: 5px;
  }
`;
