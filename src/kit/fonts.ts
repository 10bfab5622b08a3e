/** The faces, shipped with the app. */
import localFont from 'next/font/local';

const work = localFont({
  src: '../../node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
  weight: '200 800',
  variable: '--face-work',
  display: 'swap',
});
const title = localFont({
  src: [
    {
      path: '../../node_modules/@fontsource-variable/brygada-1918/files/brygada-1918-latin-wght-normal.woff2',
      style: 'normal',
    },
    {
      path: '../../node_modules/@fontsource-variable/brygada-1918/files/brygada-1918-latin-wght-italic.woff2',
      style: 'italic',
    },
  ],
  weight: '400 700',
  variable: '--face-title',
  display: 'swap',
});
const child = localFont({
  src: [
    { path: '../../node_modules/@fontsource/andika/files/andika-latin-400-normal.woff2', weight: '400' },
    { path: '../../node_modules/@fontsource/andika/files/andika-latin-700-normal.woff2', weight: '700' },
  ],
  variable: '--face-child',
  display: 'swap',
  preload: false,
});

export const faces = `${work.variable} ${title.variable} ${child.variable}`;
