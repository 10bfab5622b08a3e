/** What can be wrong with the store, each in one sentence that says what and where, and what to do. */

export type FaultKind =
  'damaged' | 'newer' | 'foreign' | 'folder' | 'read-only' | 'no-room' | 'locked' | 'unreachable';

/** The store cannot be opened, read or written; `message` can be shown as it is. */
export class StoreFault extends Error {
  constructor(
    readonly kind: FaultKind,
    readonly path: string,
    message: string,
  ) {
    super(message);
    this.name = 'StoreFault';
  }
}

const SAYS: Record<FaultKind, (path: string, detail: string) => string> = {
  damaged: (path, detail) =>
    `The store ${path} is damaged${detail ? ` (${detail})` : ''}. Put back one of the copies beside it.`,
  newer: (path, detail) =>
    `The store ${path} was written by a newer Hausplan (${detail}). Start the newer one, or put back a copy from before.`,
  foreign: (path) =>
    `${path} is not a store of Hausplan’s; it belongs to another program and was left untouched. Name another file.`,
  folder: (path) => `${path} is a folder, and the store is a file. Name a file.`,
  'read-only': (path) =>
    `The store ${path} may not be written to. Allow writing to the file and to its folder, or name another file.`,
  'no-room': (path) =>
    `The disk with the store ${path} is full, so nothing was stored. Make room, then do it again; what you typed is still here.`,
  locked: (path) =>
    `Another program holds the store ${path}, so nothing was stored. Close it there, then do it again; what you typed is still here.`,
  unreachable: (path, detail) => `The store ${path} cannot be reached${detail ? ` (${detail})` : ''}.`,
};

export const storeFault = (kind: FaultKind, path: string, detail = ''): StoreFault =>
  new StoreFault(kind, path, SAYS[kind](path, detail));

/** SQLite's and the file system's codes, by how they begin. https://www.sqlite.org/rescode.html */
const BY_CODE: readonly [RegExp, FaultKind][] = [
  [/^SQLITE_FULL|^ENOSPC|^EDQUOT/, 'no-room'],
  [/^SQLITE_BUSY|^SQLITE_LOCKED/, 'locked'],
  [/^SQLITE_READONLY|^EACCES|^EPERM|^EROFS/, 'read-only'],
  [/^SQLITE_CORRUPT|^SQLITE_NOTADB/, 'damaged'],
  [/^SQLITE_CANTOPEN|^SQLITE_IOERR|^ENOENT|^ENOTDIR|^EIO/, 'unreachable'],
  [/^EISDIR/, 'folder'],
];

/** What an error says of the store; undefined where it says nothing of it. */
export function faultFrom(error: unknown, path: string): StoreFault | undefined {
  if (error instanceof StoreFault) return error;
  const { code, message } = (error ?? {}) as { code?: unknown; message?: string };
  if (typeof code !== 'string') return undefined;
  const kind = BY_CODE.find(([pattern]) => pattern.test(code))?.[1];
  return kind && storeFault(kind, path, kind === 'unreachable' ? (message ?? code) : '');
}
