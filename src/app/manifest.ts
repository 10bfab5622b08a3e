import type { MetadataRoute } from 'next';
import { colour } from '@/kit/tokens';

/** What a phone needs to keep Hausplan on its home screen. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Hausplan',
    short_name: 'Hausplan',
    start_url: '/today',
    display: 'standalone',
    background_color: colour.paper,
    theme_color: colour.ink,
    icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
  };
}
