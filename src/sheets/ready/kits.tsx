'use client';
/** Kits of the lessons to come: where each stands and whether it is packed; and small parts, counted when they come back. */
import { useState } from 'react';
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import { inAList } from '@/core/plan/called';
import type { Counted, Kit } from '@/core/prep/kits';
import { useCustoms } from '@/kit/locale';
import { amountIn } from '@/core/prep/amount';
import { Button, PlainButton } from '@/kit/button';
import { Choose } from '@/kit/choose';
import { Checkbox, NumberField, TextField } from '@/kit/field';
import { FormDialog } from '@/kit/form-dialog';
import { Column, Heading, Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { useDrawnAtOnce } from '../frame/use-drawn-at-once';
import { useForm } from '../frame/use-form';
import { countIn, countKits, pack, saveKit } from './actions';

export function Kits({
  kits,
  counts,
  numbers,
  today,
}: {
  kits: readonly Kit[];
  counts: readonly Counted[];
  numbers: 'unit' | 'year';
  today: string;
}) {
  const { act } = useAct();

  if (!kits.length && !counts.length) return null;
  return (
    <Column aria-labelledby="kits">
      <header>
        <Heading id="kits">Kits</Heading>
        <Quiet as="span">lid, place, key apart</Quiet>
      </header>
      <Choose
        label="Numbered through"
        value={numbers}
        onChange={(kitNumbers) => act((base) => countKits(base, { kitNumbers }))}
        choices={NUMBERS}
      />
      {kits.map((k) => (
        <KitLine key={k.lessonId} kit={k} today={today} />
      ))}
      {counts.map((c) => (
        <CountLine key={`${c.lessonId} ${c.what}`} counted={c} today={today} />
      ))}
    </Column>
  );
}

const NUMBERS = [
  { value: 'unit', name: 'the unit' },
  { value: 'year', name: 'the year' },
] as const;

function KitLine({ kit, today }: { kit: Kit; today: string }) {
  const { act } = useAct();
  const [isPacked, draw] = useDrawnAtOnce(kit.isPacked);
  const [open, setOpen] = useState(false);
  const { lessonId, number, title, place, lacks, hasKey, on } = kit;
  return (
    <Row>
      <Checkbox
        isSelected={isPacked}
        label={`Packed: kit ${number}, ${title}`}
        onChange={(is) => {
          const back = draw(is);
          act((base) => pack(base, { lessonId, is, date: today }), { failed: back });
        }}
      />
      <Numeral>{number}</Numeral>
      <div>
        <b>{title}</b>{' '}
        <Quiet as="span">
          {[
            place,
            lacks.length && !isPacked ? `missing: ${inAList(lacks)}` : '',
            hasKey ? 'answers kept apart' : '',
            `for ${shortDate(on)}`,
          ]
            .filter(Boolean)
            .join(' · ')}
        </Quiet>{' '}
        <PlainButton
          aria-label={`What is in kit ${number}, and where it stands`}
          onPress={() => setOpen(true)}
        >
          {place ? 'Open…' : 'Say where it stands…'}
        </PlainButton>
      </div>
      {open ? <KitForm kit={kit} onClose={() => setOpen(false)} /> : null}
    </Row>
  );
}

function KitForm({ kit, onClose }: { kit: Kit; onClose: () => void }) {
  const { measures } = useCustoms();
  const { act } = useAct();
  const form = useForm({
    kitPlace: kit.place,
    kitCounts: kit.counts.map((c) => `${c.what} ${c.pieces}`).join('\n'),
  });
  const counted = readCounts(form.value.kitCounts);
  return (
    <FormDialog
      title={`Kit ${kit.number}, ${kit.title}`}
      verb="Keep"
      isDisabled={counted === undefined}
      onClose={onClose}
      onSubmit={() =>
        act((base) => saveKit(base, kit.lessonId, { kitPlace: form.value.kitPlace, kitCounts: counted }), {
          faults: form.takeFaults,
          then: onClose,
        })
      }
    >
      <Quiet>
        {[
          ...kit.contents.map((c) => [c.name, amountIn(c, c.unit, measures)].filter(Boolean).join(' ')),
          ...kit.beside,
        ].join(' · ')}
      </Quiet>
      <TextField
        label="Where it stands"
        placeholder="hall shelf, box 3"
        value={form.value.kitPlace}
        onChange={(v) => form.set('kitPlace', v)}
        error={form.error('kitPlace')}
      />
      <TextField
        label="Small parts that are counted back, one to a line"
        placeholder="pegs 12"
        help={
          counted?.length
            ? `Read as: ${counted.map((c) => `${c.pieces} ${c.what}`).join(' · ')}`
            : 'Once the lesson is done, Ready asks how many came back.'
        }
        rows={3}
        value={form.value.kitCounts}
        onChange={(v) => form.set('kitCounts', v)}
        error={
          counted === undefined
            ? 'Each line needs a thing and how many of it: “pegs 12”.'
            : form.error('kitCounts')
        }
      />
    </FormDialog>
  );
}

/** “pegs 12” or “12 pegs”, one to a line; undefined where a line has no number. */
function readCounts(text: string): { what: string; pieces: number }[] | undefined {
  const lines = text
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean);
  const read = lines.map((line) => {
    const m = /^(?:(\d{1,5})\s*[×x]?\s+(.+)|(.+?)[\s,×x]+(\d{1,5}))$/u.exec(line);
    return m && { what: (m[2] ?? m[3]).trim(), pieces: Number(m[1] ?? m[4]) };
  });
  return read.every((r) => r !== null) ? read : undefined;
}

function CountLine({
  counted: { lessonId, number, title, what, pieces, back },
  today,
}: {
  counted: Counted;
  today: string;
}) {
  const { act } = useAct();
  const [found, setFound] = useState<number | null>(back ?? pieces);
  return (
    <Row>
      <span />
      <Numeral>{number}</Numeral>
      <Count
        onSubmit={(e) => {
          e.preventDefault();
          if (found !== null) act((base) => countIn(base, { lessonId, what, pieces: found, date: today }));
        }}
      >
        <NumberField
          label={
            back === null
              ? `${pieces} ${what} went out with ${title}: how many are back?`
              : `${pieces - back} of ${pieces} ${what} of ${title} are missing. Back now`
          }
          value={found}
          onChange={setFound}
          min={0}
          max={pieces}
        />
        <Button type="submit">Counted</Button>
      </Count>
    </Row>
  );
}

const Row = styled.div`
  display: grid;
  grid-template-columns: 22px auto minmax(0, 1fr);
  gap: 8px;
  align-items: baseline;
  padding: 6px 0;
  border-bottom: 1px solid ${colour.rule};
  overflow-wrap: anywhere;
`;
const Numeral = styled.span`
  border: 1.5px solid ${colour.ink};
  padding: 0 6px;
  font-weight: 700;
  font-size: 13px;
`;
const Count = styled.form`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
`;
