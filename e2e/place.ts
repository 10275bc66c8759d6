/** Where the browser tests have the application served; two runs at once each have a port. */
export const PORT = Number(process.env.HOLLOW_MOON_E2E_PORT ?? 18080);
export const BASE_URL = `http://127.0.0.1:${PORT}`;
