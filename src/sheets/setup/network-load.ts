import { headers } from 'next/headers';
import { networkInterfaces } from 'node:os';
import QRCode from 'qrcode';
import type { HatchName } from '@/kit/hatch';
import { readDrawn } from '@/data/door';
import { codeOf, openTo } from '@/data/household-door';
import { store } from '@/data/open';

export interface Link {
  address: string;
  /** The address as a picture to scan, as a data address. */
  picture: string;
}

export interface NetworkView {
  /** Names by which the household is open; absent while it is closed. */
  names?: string[];
  /** Addresses of this machine in its network, as proposed. */
  own: string[];
  /** The server listens to the network; otherwise it has to be started for it. */
  listens: boolean;
  house?: Link;
  children: ({ id: string; name: string; hatch: HatchName } & Link)[];
}

export async function loadNetwork(): Promise<NetworkView> {
  // Of the plan itself, whatever lies on it.
  const { children } = readDrawn(store()).plan;
  const names = openTo(store());
  const own = Object.values(networkInterfaces())
    .flat()
    .flatMap((a) => (a && a.family === 'IPv4' && !a.internal ? [a.address] : []));
  const listens = process.env.HAUSPLAN_NETWORK === '1';
  if (!names) return { own, listens, children: [] };
  const port = /:(\d+)$/.exec((await headers()).get('host') ?? '')?.[1];
  const base = `http://${names[0]}${port ? `:${port}` : ''}`;
  return {
    names,
    own,
    listens,
    house: await linkTo(`${base}/today`),
    children: await Promise.all(
      children.map(async ({ id, name, hatch }) => ({
        id,
        name,
        hatch,
        ...(await linkTo(`${base}/c/${codeOf(store(), id)}`)),
      })),
    ),
  };
}

async function linkTo(address: string): Promise<Link> {
  const drawn = await QRCode.toString(address, { type: 'svg', margin: 2, errorCorrectionLevel: 'M' });
  return { address, picture: `data:image/svg+xml,${encodeURIComponent(drawn)}` };
}
