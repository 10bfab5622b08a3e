import type { MetadataRoute } from 'next';
import { ON_PAPER } from '@/kit/tokens';

/** What a phone needs to keep Hausplan on its home screen. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Hausplan',
    short_name: 'Hausplan',
    start_url: '/today',
    display: 'standalone',
    background_color: ON_PAPER.paper,
    theme_color: ON_PAPER.ink,
    icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
  };
}
