/** Where the browser tests have the application served. */
export const PORT = 18080;
export const BASE_URL = `http://127.0.0.1:${PORT}`;
