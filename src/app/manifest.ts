import type { MetadataRoute } from 'next';

/** What a phone needs to put Ubbet on its home screen. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: '/',
    name: 'Ubbet',
    short_name: 'Ubbet',
    description: 'Swarm control for a season: date the cells, time the method, be back on the right day.',
    lang: 'en-GB',
    start_url: '/hive',
    scope: '/',
    display: 'standalone',
    background_color: '#f3f5f4',
    theme_color: '#f3f5f4',
    icons: [
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icon-masked-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}
