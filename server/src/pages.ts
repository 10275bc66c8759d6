import type { Express } from 'express';
import staticGzip from 'express-static-gzip';
import { join } from 'node:path';

/** Sent as it was compressed when it was built, where the browser takes that. */
const COMPRESSED = { enableBrotli: true, orderPreference: ['br', 'gz'] };

/**
 * Serves the exported client: what carries a hash of itself in its name for ever, the rest to be asked for anew; any
 * other address is the application's own, which finds its way by it.
 */
export function servePages(app: Express, folder: string): void {
  for (const hashed of ['_expo', 'assets']) {
    app.use(
      `/${hashed}`,
      staticGzip(join(folder, hashed), {
        ...COMPRESSED,
        index: false,
        serveStatic: { immutable: true, maxAge: '1y', fallthrough: false },
      }),
    );
  }
  app.use(
    staticGzip(folder, {
      ...COMPRESSED,
      serveStatic: {
        cacheControl: false,
        setHeaders: (response) => void response.setHeader('Cache-Control', 'no-cache'),
      },
    }),
  );
  app.get('/{*path}', (_request, response) => {
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(folder, 'index.html'));
  });
}
