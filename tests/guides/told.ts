/** What was read from a guide, written down in lines that a reader can hold against the guide. */
import type { Draft, DraftAlternative, DraftPart } from '@/core/formats/draft';
import { suppliesText } from '@/core/formats/supplies';

const ages = ({ ageFrom, ageTo }: DraftAlternative): string =>
  ageFrom === null && ageTo === null
    ? ''
    : [ageFrom === null ? '' : `from ${ageFrom}`, ageTo === null ? '' : `to ${ageTo}`]
        .filter(Boolean)
        .join(' ');

const doing = (p: DraftAlternative, more: string[] = []): string =>
  [
    [p.kind, p.title, p.minutes].filter((x) => x !== null).join(' '),
    p.outdoors ? 'outdoors' : '',
    suppliesText(p.supplies).replaceAll(';', ','),
    p.waitAfterHours ? `${p.waitLabel} ${p.waitAfterHours} h` : '',
    ages(p),
    p.lead === 'leads' ? '' : p.lead,
    p.indoors ? `instead ${p.indoors}` : '',
    p.prediction ? `guess ${p.prediction}` : '',
    ...more,
    p.directions ? `"${p.directions.replaceAll('\n', ' | ')}"` : '',
  ]
    .filter(Boolean)
    .join('; ');

const partTold = (p: DraftPart): string =>
  `- ${[
    doing(p, [
      p.weekday ? `on weekday ${p.weekday}` : '',
      p.earliest ? `from ${p.earliest}` : '',
      p.optional ? 'optional' : '',
    ]),
    ...p.alternatives.map((a) => doing(a)),
  ].join(' | ')}`;

export function told(drafts: readonly Draft[]): string {
  return drafts
    .flatMap((d, i) => [
      [
        `${i + 1} ${d.title}`,
        d.firstPage ? `pp. ${d.firstPage}${d.lastPage !== d.firstPage ? `-${d.lastPage}` : ''}` : '',
        d.objective ? `to ${d.objective}` : '',
        d.objectiveCodes.length ? `meets ${d.objectiveCodes.join(', ')}` : '',
        d.words.length ? `words ${d.words.join(', ')}` : '',
        ...d.topics.map((t) => `topic ${t.title}`),
        ...d.recall.map((r) => `recall ${r.easy}`),
        ...d.bigIdeas.map((b) => `idea ${b}`),
      ]
        .filter(Boolean)
        .join('; '),
      ...d.parts.map(partTold),
    ])
    .join('\n');
}
