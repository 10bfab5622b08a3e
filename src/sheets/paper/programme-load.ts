import { clockText, longDate } from '@/core/calendar/dates';
import { childName } from '@/core/plan/called';
import { promptsOn, talkTimes, topicsToTalkOn } from '@/core/record/talk-evening';
import { load, type SearchParams } from '../frame/load';
import { sizeAsked } from './size';
import type { Size } from './size';
import { customsOf } from '@/core/calendar/customs';

export interface ProgrammeView {
  unit: string;
  unitId: string;
  day: string;
  size: Size;
  other: string;
  talks: { at: string; name: string; topic: string; minutes: number; prompts: string[] }[];
}

export async function loadProgramme(params: SearchParams): Promise<ProgrammeView> {
  const { plan, unit, today } = await load(params);
  const paper = await sizeAsked(params, '/paper/programme');
  if (!unit?.talks) return { unit: unit?.title ?? '', unitId: unit?.id ?? '', day: '', ...paper, talks: [] };
  const times = talkTimes(unit.talks);
  return {
    unit: unit.title,
    unitId: unit.id,
    day: longDate(unit.talks.date),
    ...paper,
    talks: unit.talks.talks.map((t, i) => {
      const child = plan.children.find((c) => c.id === t.childId);
      return {
        at: clockText(times[i], customsOf(plan).clock),
        name: childName(plan, t.childId),
        topic: t.topic,
        minutes: t.minutes,
        prompts: child ? promptsOn(topicsToTalkOn(plan, unit, child, today).prompts, t.topic) : [],
      };
    }),
  };
}
