'use client';
/** Public holidays, offered by country and region and taken one by one. */
import { Choose } from '@/kit/choose';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { shortDate } from '@/core/calendar/dates';
import type { SchoolYear } from '@/core/plan/year';
import { Button, PlainButton } from '@/kit/button';
import { Dialog } from '@/kit/dialog';
import { FieldRow } from '@/kit/field';
import { Quiet } from '@/kit/text';
import { colour } from '@/kit/tokens';
import { useAct } from '../frame/use-act';
import { offerHolidays, saveYear, takeHoliday, type HolidayOffer } from './actions';

export function Holidays({
  year,
  isSchoolDay,
  onClose,
}: {
  year: SchoolYear;
  isSchoolDay: (date: string) => boolean;
  onClose: () => void;
}) {
  const { act } = useAct();
  const [country, setCountry] = useState(year.country || 'none');
  const [region, setRegion] = useState(year.region || 'all');
  const [offer, setOffer] = useState<HolidayOffer>();
  useEffect(() => {
    let late = false;
    void offerHolidays(country, region === 'all' ? '' : region).then(
      (o) => {
        if (!late) setOffer(o);
      },
      () => undefined,
    );
    return () => {
      late = true;
    };
  }, [country, region]);
  const keepPlace = (c: string, r: string): void =>
    act((base) => saveYear(base, { ...year, country: c === 'none' ? '' : c, region: r === 'all' ? '' : r }));
  const taken = (first: string, last: string): boolean =>
    year.daysOff.some((o) => o.first <= first && last <= o.last);
  return (
    <Dialog
      title="Public holidays"
      isOpen
      onClose={onClose}
      footer={
        <Button $primary onPress={onClose}>
          Close
        </Button>
      }
    >
      <FieldRow>
        <Choose
          label="Country"
          value={country}
          onChange={(c) => {
            setCountry(c);
            setRegion('all');
            keepPlace(c, 'all');
          }}
          choices={[
            { value: 'none', name: 'choose one' },
            ...(offer?.countries ?? []).map((c) => ({ value: c.code, name: c.name })),
          ]}
        />
        {offer?.regions.length ? (
          <Choose
            label="Region"
            value={region}
            onChange={(r) => {
              setRegion(r);
              keepPlace(country, r);
            }}
            choices={[
              { value: 'all', name: 'the whole country' },
              ...offer.regions.map((r) => ({ value: r.code, name: r.name })),
            ]}
          />
        ) : null}
      </FieldRow>
      <List aria-label="Holidays in your school year">
        {(offer?.holidays ?? []).map((h) => (
          <li key={`${h.first} ${h.name}`}>
            <div>
              {h.name}
              <Quiet>
                {shortDate(h.first)} {h.first.slice(0, 4)}
                {h.last !== h.first ? ` to ${shortDate(h.last)}` : ''}
                {taken(h.first, h.last) ? '' : null}
                {!taken(h.first, h.last) && isSchoolDay(h.first) ? '' : null}
                {!taken(h.first, h.last) && !isSchoolDay(h.first) ? ' · no school then anyway' : null}
              </Quiet>
            </div>
            {taken(h.first, h.last) ? (
              <Quiet>taken off</Quiet>
            ) : (
              <PlainButton
                aria-label={`Take ${h.name} off`}
                onPress={() =>
                  act((base) =>
                    takeHoliday(base, { first: h.first, last: h.last, label: h.name.slice(0, 100) }),
                  )
                }
              >
                Take it off
              </PlainButton>
            )}
          </li>
        ))}
      </List>
      {country !== 'none' && offer && !offer.holidays.length ? (
        <Quiet>None are known in your school year.</Quiet>
      ) : null}
      <Quiet>
        From a list that ships with Hausplan; look at your own authority’s list before you rely on it.
      </Quiet>
    </Dialog>
  );
}

const List = styled.ul`
  max-height: 360px;
  overflow: auto;
  li {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    align-items: center;
    padding: 6px 0;
    border-bottom: 1px solid ${colour.rule};
  }
`;
