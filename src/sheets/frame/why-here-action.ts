'use server';
import { z } from 'zod';
import { whyHereInWords } from '@/core/layout/why-here';
import { titled } from '@/core/plan/called';
import { id } from '@/core/plan/measures';
import { readDrawn } from '@/data/door';
import { today } from './clock';
import { desk } from './desk';

export interface WhyHereView {
  partId: string;
  title: string;
  lines: string[];
}

/** What stands in the way of parts on the days before theirs; nothing for what is no part. */
export async function lookWhyHere(input: unknown): Promise<WhyHereView[]> {
  const asked = z.array(id).min(1).max(60).safeParse(input);
  if (!asked.success) return [];
  const { plan } = readDrawn((await desk()).db);
  return asked.data
    .filter((partId) => plan.parts.some((p) => p.id === partId))
    .map((partId) => ({
      partId,
      title: titled(plan, 'parts', partId).slice(1, -1),
      lines: whyHereInWords(plan, partId, today()),
    }));
}
