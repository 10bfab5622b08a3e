'use client';
/** “How is this worked out?”: the line of the method with its source, and this family's numbers. */
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { Button } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { Link } from '@/kit/link';
import { Heading, Quiet } from '@/kit/text';
import { HelpText } from '../help/help-text';
import { inYear } from '../look';
import type { Section } from './sections';

interface Answer {
  name: string;
  title: string;
  html: string;
  numbers: string[];
}

export function HowDialog({
  figure,
  value,
  section,
  unitId,
  look,
  onClose,
}: {
  figure: string;
  value: string;
  section: Section;
  unitId?: string;
  look?: string;
  onClose: () => void;
}) {
  const [answer, setAnswer] = useState<Answer | 'none'>();
  useEffect(() => {
    const asking = new AbortController();
    const asked = new URLSearchParams({ section, ...(unitId ? { unit: unitId } : {}) });
    fetch(inYear(`/how?${asked.toString()}`, look), { signal: asking.signal })
      .then(async (r) => setAnswer(r.ok ? ((await r.json()) as Answer) : 'none'))
      .catch(() => {
        if (!asking.signal.aborted) setAnswer('none');
      });
    return () => asking.abort();
  }, [section, unitId, look]);
  return (
    <Dialog
      title={`${figure}: ${value}`}
      isOpen
      wide
      onClose={onClose}
      footer={
        <Button $primary autoFocus onPress={onClose}>
          Close
        </Button>
      }
    >
      {answer === undefined ? <Quiet role="status">Looking it up…</Quiet> : null}
      {answer === 'none' ? (
        <Quiet role="status">Hausplan did not answer. Nothing was changed; try again in a moment.</Quiet>
      ) : null}
      {answer !== undefined && answer !== 'none' ? (
        <>
          {answer.numbers.length ? (
            <section>
              <Heading as="h3">Your numbers</Heading>
              <Lines>
                {answer.numbers.map((n) => (
                  <li key={n}>{n}</li>
                ))}
              </Lines>
            </section>
          ) : null}
          <section>
            <Heading as="h3">{answer.title}</Heading>
            <HelpText html={answer.html} />
          </section>
          <Link href={`/help/method#${answer.name}`} onClick={onClose}>
            All of how it is worked out
          </Link>
        </>
      ) : null}
    </Dialog>
  );
}

const Lines = styled.ul`
  display: grid;
  gap: 3px;
`;
