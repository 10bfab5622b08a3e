'use client';
/** Rain on what is outdoors: the other form of it, proposed; whoever plans says which. */
import { clockText, shortDate } from '@/core/calendar/dates';
import { PlainButton } from '@/kit/button';
import { Heading, Line, Quiet } from '@/kit/text';
import type { Outcome } from './outcome';
import { useAct } from './use-act';
import type { Rained } from './weather-load';
import { useCustoms } from '@/kit/locale';

export function Weather({
  rained,
  doOtherwise,
}: {
  rained: readonly Rained[];
  doOtherwise: (base: number, input: unknown) => Promise<Outcome>;
}) {
  const { clock } = useCustoms();
  const { act } = useAct();
  if (!rained.length) return null;
  return (
    <section aria-labelledby="weather">
      <Heading id="weather">Weather for what is outdoors</Heading>
      {rained.map(({ partId, title, date, rain, from, indoors, otherwise }) => (
        <Line key={`${partId} ${date}`}>
          <div>
            {shortDate(date)}, {title}: rain from {clockText(from, clock)}, {rain} %
            <Quiet>{otherwise ? `Indoors: ${indoors}` : `Instead: ${indoors}`}</Quiet>
            <PlainButton
              aria-label={otherwise ? `${title} outdoors after all` : `${title} indoors instead`}
              onPress={() => act((base) => doOtherwise(base, { partId, is: !otherwise, date }))}
            >
              {otherwise ? 'Outdoors after all' : 'Take it indoors'}
            </PlainButton>
          </div>
        </Line>
      ))}
      <Quiet>A stand-in forecast: it knows no real weather. Before you go out, look at your own.</Quiet>
    </section>
  );
}
