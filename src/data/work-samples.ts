/**
 * Files of the children's work, in a folder beside the store. A file is named by what is in it (SHA-256), so it is kept once
 * and never written over; its kind is read out of its first bytes, whatever it is called.
 */
import { createHash } from 'node:crypto';
import {
  closeSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readFileSync,
  renameSync,
  rmSync,
  writeSync,
} from 'node:fs';
import { join } from 'node:path';
import { fileName } from '@/core/plan/entry';
import { faultFrom } from './fault';

/** Bytes a file may have: a photograph of a phone has a third of that. */
const MOST_BYTES = 12 * 1024 * 1024;

const TYPES = { png: 'image/png', jpg: 'image/jpeg', webp: 'image/webp', pdf: 'application/pdf' } as const;
type Ending = keyof typeof TYPES;

/** What a file is, by its first bytes: PNG (W3C, 5.2), JPEG (ITU-T T.81, B.1), WebP (RFC 9649, 2.4), PDF (ISO 32000-1, 7.5.2). */
function endingOf(bytes: Uint8Array): Ending | undefined {
  const text = Buffer.from(bytes.subarray(0, 12)).toString('latin1');
  if (text.startsWith('\x89PNG\r\n\x1a\n')) return 'png';
  if (text.startsWith('\xff\xd8\xff')) return 'jpg';
  if (text.startsWith('RIFF') && text.slice(8, 12) === 'WEBP') return 'webp';
  return text.startsWith('%PDF-') ? 'pdf' : undefined;
}

/** Why a file of so many bytes is not kept, in words. */
export const tooLarge = (size: number): string | undefined =>
  size > MOST_BYTES
    ? `This file has ${Math.ceil(size / 1024 / 1024)} MB; at most ${MOST_BYTES / 1024 / 1024} MB are kept. Take a smaller photograph.`
    : undefined;

const folderOf = (store: string): string => `${store}.samples`;

/** Keeps a file. @returns its name, or why it is not kept, in words */
export function keepSample(store: string, bytes: Uint8Array): { name: string } | { refused: string } {
  if (!bytes.length) return { refused: 'This file is empty.' };
  const large = tooLarge(bytes.length);
  if (large) return { refused: large };
  const ending = endingOf(bytes);
  if (!ending)
    return { refused: 'This is neither a photograph (PNG, JPEG, WebP) nor a PDF. Nothing was kept.' };
  const name = `${createHash('sha256').update(bytes).digest('hex')}.${ending}`;
  const to = join(folderOf(store), name);
  if (existsSync(to)) return { name };
  const unfinished = `${to}.unfinished`;
  try {
    mkdirSync(folderOf(store), { recursive: true });
    const file = openSync(unfinished, 'w');
    try {
      for (let at = 0; at < bytes.length;) at += writeSync(file, bytes, at);
      fsyncSync(file);
    } finally {
      closeSync(file);
    }
    renameSync(unfinished, to);
  } catch (e) {
    rmSync(unfinished, { force: true });
    const fault = faultFrom(e, to);
    if (!fault) throw e;
    return { refused: fault.message };
  }
  return { name };
}

/** A kept file by its name; undefined where there is none, or the name is none of ours. */
export function sampleNamed(store: string, name: string): { bytes: Buffer; type: string } | undefined {
  if (!fileName.safeParse(name).success) return undefined;
  const path = join(folderOf(store), name);
  if (!existsSync(path)) return undefined;
  return { bytes: readFileSync(path), type: TYPES[name.split('.')[1] as Ending] };
}
