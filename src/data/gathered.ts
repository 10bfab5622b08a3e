/**
 * Rows of what is gathered for a unit: objectives, questions, ideas; and of what comes back and what is kept: rules,
 * outlines, kinds of work.
 */
import type { Outline, Rule, Supply } from '@/core/plan/lesson';
import type { Work } from '@/core/plan/work';
import type { Idea, Objective, Question } from '@/core/plan/unit';
import { doingColumns, doingFrom, suppliesFrom } from './parts';
import { within, type Row, type Rows } from './tables';

type Gathered = Pick<Rows, 'objective' | 'question' | 'idea'>;

function placed<T extends { id: string; unitId: string }>(
  items: readonly T[],
  rest: (item: T) => Row,
): Row[] {
  const position = within((i: T) => i.unitId);
  return items.map((i) => ({ id: i.id, unit_id: i.unitId, position: position(i), ...rest(i) }));
}

export const objectiveRows = (objectives: readonly Objective[]): Pick<Rows, 'objective'> => ({
  objective: placed(objectives, (o) => ({ code: o.code, wording: o.wording })),
});

export const questionRows = (questions: readonly Question[]): Pick<Rows, 'question'> => ({
  question: placed(questions, (q) => ({
    child_id: q.childId,
    text: q.text,
    asked: q.asked,
    answer: q.answer,
  })),
});

export const ideaRows = (ideas: readonly Idea[]): Pick<Rows, 'idea'> => ({
  idea: placed(ideas, (i) => ({ text: i.text, child_ids: JSON.stringify(i.childIds), becomes: i.becomes })),
});

export function gatheredFrom({ objective, question, idea }: Gathered): {
  objectives: Objective[];
  questions: Question[];
  ideas: Idea[];
} {
  return {
    objectives: objective.map((o) => ({
      id: o.id as string,
      unitId: o.unit_id as string,
      code: o.code as string,
      wording: o.wording as string,
    })),
    questions: question.map((q) => ({
      id: q.id as string,
      unitId: q.unit_id as string,
      childId: q.child_id as string | null,
      text: q.text as string,
      asked: q.asked as string | null,
      answer: q.answer as string,
    })),
    ideas: idea.map((i) => ({
      id: i.id as string,
      unitId: i.unit_id as string,
      text: i.text as string,
      childIds: JSON.parse(i.child_ids as string),
      becomes: i.becomes as Idea['becomes'],
    })),
  };
}

export function ruleRows(rules: readonly Rule[]): Pick<Rows, 'rule'> {
  return {
    rule: rules.map((r, position) => ({
      id: r.id,
      unit_id: r.unitId,
      position,
      title: r.title,
      kind: r.kind,
      minutes: r.minutes,
      lead: r.lead,
      adult_id: r.adultId,
      or_parent: r.orParent ? 1 : 0,
      window: r.window,
      child_ids: r.childIds && JSON.stringify(r.childIds),
      supplies: JSON.stringify(r.supplies),
      rhythm: JSON.stringify(r.rhythm),
      piece: r.piece,
      amount: r.amount,
      amount_to: r.amountTo,
      amount_of: r.amountOf,
      assembly: r.assembly && JSON.stringify(r.assembly),
      steps: JSON.stringify(r.steps),
      first: r.first,
      last: r.last,
    })),
  };
}

export function rulesFrom({ rule }: Pick<Rows, 'rule'>): Rule[] {
  return rule.map((r) => ({
    id: r.id as string,
    unitId: r.unit_id as string | null,
    title: r.title as string,
    kind: r.kind as Rule['kind'],
    minutes: r.minutes as number,
    lead: r.lead as Rule['lead'],
    adultId: r.adult_id as string | null,
    orParent: r.or_parent === 1,
    window: r.window as Rule['window'],
    childIds: r.child_ids === null ? null : JSON.parse(r.child_ids as string),
    supplies: suppliesFrom(JSON.parse(r.supplies as string) as Supply[]),
    rhythm: JSON.parse(r.rhythm as string),
    piece: r.piece as string,
    amount: r.amount as number | null,
    amountTo: r.amount_to as number | null,
    amountOf: r.amount_of as string,
    assembly: r.assembly === null ? null : JSON.parse(r.assembly as string),
    steps: JSON.parse(r.steps as string),
    first: r.first as string | null,
    last: r.last as string | null,
  }));
}

export function outlineRows(outlines: readonly Outline[]): Pick<Rows, 'outline'> {
  return {
    outline: outlines.map((o, position) => ({ id: o.id, position, ...doingColumns(o), taste: o.taste })),
  };
}

export function outlinesFrom({ outline }: Pick<Rows, 'outline'>): Outline[] {
  return outline.map((o) => ({ id: o.id as string, ...doingFrom(o), taste: o.taste as Outline['taste'] }));
}

export function workRows(works: readonly Work[]): Pick<Rows, 'work'> {
  return {
    work: works.map((w, position) => ({
      id: w.id,
      position,
      kind: w.kind,
      title: w.title,
      skill: w.skill,
      versions: JSON.stringify(w.versions),
    })),
  };
}

export function worksFrom({ work }: Pick<Rows, 'work'>): Work[] {
  return work.map((w) => ({
    id: w.id as string,
    kind: w.kind as Work['kind'],
    title: w.title as string,
    skill: w.skill as Work['skill'],
    versions: JSON.parse(w.versions as string),
  }));
}
