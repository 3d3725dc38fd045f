import type { MetadataRoute } from 'next';

export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Yardline',
    short_name: 'Yardline',
    description: 'Keeps a trailer safe on the road.',
    start_url: '/',
    display: 'standalone',
    background_color: '#f4f1ea',
    theme_color: '#17211e',
    // Opened from the device's own files, where its browser offers that.
    file_handlers: [
      {
        action: '/keep',
        accept: {
          'application/zip': ['.zip'],
          'application/gpx+xml': ['.gpx'],
          'text/csv': ['.csv'],
          'application/x-ndjson': ['.ndjson'],
        },
      },
    ],
    share_target: {
      action: '/shared',
      method: 'POST',
      enctype: 'multipart/form-data',
      params: {
        files: [
          {
            name: 'files',
            accept: ['.zip', '.gpx', '.csv', '.ndjson', '.txt', 'application/gpx+xml', 'text/csv', 'image/*'],
          },
        ],
      },
    },
    icons: [
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}
