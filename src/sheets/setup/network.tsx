'use client';
/** From other devices in the house: a passphrase, the addresses, and each child's own link to scan. */
import { useState, useTransition } from 'react';
import styled from 'styled-components';
import { Button, PlainButton } from '@/kit/button';
import { TextField } from '@/kit/field';
import { FormDialog } from '@/kit/form-dialog';
import { ChildName } from '@/kit/hatch';
import { Caution, Quiet } from '@/kit/text';
import { closeTheHouse, giveNewLink, openTheHouse, type Wrong } from './network-actions';
import type { Link, NetworkView } from './network-load';
import { Ruled } from './ruled';

/** Does something with the house, and says what is wrong. */
function useHouse(): {
  wrong: Wrong;
  isBusy: boolean;
  run: (what: () => Promise<Wrong>, then?: () => void) => void;
} {
  const [wrong, setWrong] = useState<Wrong>();
  const [isBusy, start] = useTransition();
  return {
    wrong,
    isBusy,
    run: (what, then) =>
      start(async () => {
        const is = await what().catch((): Wrong => ({
          where: '',
          what: 'Hausplan did not answer. Check that it is running.',
        }));
        setWrong(is);
        if (!is) then?.();
      }),
  };
}

export function Network({ network }: { network: NetworkView }) {
  const [isAsking, setAsking] = useState(false);
  const { wrong, isBusy, run } = useHouse();
  const { names, house, children, listens } = network;
  return (
    <section aria-labelledby="devices">
      <Ruled id="devices">From other devices</Ruled>
      {names ? (
        <>
          <p>
            Open to whoever knows the passphrase, at <b>{names.join(', ')}</b>.
          </p>
          {listens ? null : (
            <Caution>
              This Hausplan listens to this machine only. Stop it, and start it with{' '}
              <b>npm start -- --network</b>.
            </Caution>
          )}
          {house ? <Scan name="For you" link={house} /> : null}
          {children.map((c) => (
            <div key={c.id}>
              <Scan name={<ChildName name={c.name} hatch={c.hatch} />} link={c} />
              <PlainButton
                isDisabled={isBusy}
                aria-label={`Give ${c.name} a new link`}
                onPress={() => run(() => giveNewLink(c.id))}
              >
                Give a new link
              </PlainButton>
            </div>
          ))}
          {children.length ? (
            <Quiet>A child’s new link takes the place of the one before, which opens nothing any more.</Quiet>
          ) : null}
          <Buttons>
            <Button onPress={() => setAsking(true)}>Another passphrase…</Button>
            <Button isDisabled={isBusy} onPress={() => run(closeTheHouse)}>
              Close it
            </Button>
          </Buttons>
        </>
      ) : (
        <>
          <Quiet>
            Closed: Hausplan answers on this machine alone. With a passphrase, a phone or a second laptop in
            your own network can come in, and each child has a link to their own list.
          </Quiet>
          <Button onPress={() => setAsking(true)}>Open it to the home network…</Button>
        </>
      )}
      {wrong?.what ? <Caution role="alert">{wrong.what}</Caution> : null}
      {isAsking ? <Open network={network} onClose={() => setAsking(false)} /> : null}
    </section>
  );
}

function Open({ network, onClose }: { network: NetworkView; onClose: () => void }) {
  const { wrong, isBusy, run } = useHouse();
  const [passphrase, setPassphrase] = useState('');
  const [names, setNames] = useState((network.names ?? network.own).join(', '));
  return (
    <FormDialog
      title="Open it to the home network"
      verb="Open it"
      isDisabled={isBusy}
      onSubmit={() => run(() => openTheHouse(passphrase, names), onClose)}
      onClose={onClose}
    >
      <TextField
        label="Passphrase"
        value={passphrase}
        onChange={setPassphrase}
        error={wrong?.where === 'passphrase' ? wrong.what : undefined}
      />
      <TextField
        label="Addresses of this machine, the first for the links"
        value={names}
        onChange={setNames}
        error={wrong?.where === 'names' ? wrong.what : undefined}
      />
      {wrong?.where === '' ? <Caution role="alert">{wrong.what}</Caution> : null}
      <Quiet>
        What goes over the network is not scrambled: use it in your own network, behind its own password, and
        not in one you share. Whoever is in can see and change everything; a child’s link shows that child’s
        list of today and takes their ticks and calls, nothing else.
      </Quiet>
    </FormDialog>
  );
}

function Scan({ name, link }: { name: React.ReactNode; link: Link }) {
  return (
    <Row>
      {/* eslint-disable-next-line @next/next/no-img-element -- drawn here, of a data address */}
      <img src={link.picture} alt={`To scan: ${link.address}`} width={112} height={112} />
      <div>
        <b>{name}</b>
        <Address>{link.address}</Address>
      </div>
    </Row>
  );
}

const Row = styled.div`
  display: flex;
  gap: 14px;
  align-items: center;
  margin-top: 8px;
  & > div {
    min-width: 0;
  }
`;
const Address = styled.p`
  overflow-wrap: anywhere;
  user-select: all;
`;
const Buttons = styled.div`
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
  margin-top: 12px;
`;
