/** The faces of the handwriting models, shipped with the app; a file is fetched only where a page is written in it. */
import localFont from 'next/font/local';
import type { HandModel } from '@/core/ladder/hand-models';

const printGuides = localFont({
  src: '../../../../node_modules/@fontsource/playwrite-us-modern-guides/files/playwrite-us-modern-guides-latin-400-normal.woff2',
  preload: false,
  display: 'swap',
});
const printUpright = localFont({
  src: '../../../../node_modules/@fontsource/edu-sa-beginner/files/edu-sa-beginner-latin-400-normal.woff2',
  preload: false,
  display: 'swap',
});
const printSlanted = localFont({
  src: '../../../../node_modules/@fontsource/edu-nsw-act-foundation/files/edu-nsw-act-foundation-latin-400-normal.woff2',
  preload: false,
  display: 'swap',
});
const dots = localFont({
  src: '../../../../node_modules/@fontsource/edu-au-vic-wa-nt-dots/files/edu-au-vic-wa-nt-dots-latin-400-normal.woff2',
  preload: false,
  display: 'swap',
});
const joinedUs = localFont({
  src: '../../../../node_modules/@fontsource/playwrite-us-trad-guides/files/playwrite-us-trad-guides-latin-400-normal.woff2',
  preload: false,
  display: 'swap',
});
const joinedIe = localFont({
  src: '../../../../node_modules/@fontsource/playwrite-ie-guides/files/playwrite-ie-guides-latin-400-normal.woff2',
  preload: false,
  display: 'swap',
});
const joinedNz = localFont({
  src: '../../../../node_modules/@fontsource/playwrite-nz-guides/files/playwrite-nz-guides-latin-400-normal.woff2',
  preload: false,
  display: 'swap',
});
const joinedDe = localFont({
  src: '../../../../node_modules/@fontsource/playwrite-de-grund-guides/files/playwrite-de-grund-guides-latin-400-normal.woff2',
  preload: false,
  display: 'swap',
});
const joinedFr = localFont({
  src: '../../../../node_modules/@fontsource/playwrite-fr-trad-guides/files/playwrite-fr-trad-guides-latin-400-normal.woff2',
  preload: false,
  display: 'swap',
});
const joinedEs = localFont({
  src: '../../../../node_modules/@fontsource/playwrite-es-guides/files/playwrite-es-guides-latin-400-normal.woff2',
  preload: false,
  display: 'swap',
});
const joinedIt = localFont({
  src: '../../../../node_modules/@fontsource/playwrite-it-moderna-guides/files/playwrite-it-moderna-guides-latin-400-normal.woff2',
  preload: false,
  display: 'swap',
});

export const HAND_FACES: Record<HandModel, string> = {
  'print-guides': printGuides.className,
  'print-upright': printUpright.className,
  'print-slanted': printSlanted.className,
  dots: dots.className,
  'joined-us': joinedUs.className,
  'joined-ie': joinedIe.className,
  'joined-nz': joinedNz.className,
  'joined-de': joinedDe.className,
  'joined-fr': joinedFr.className,
  'joined-es': joinedEs.className,
  'joined-it': joinedIt.className,
};
